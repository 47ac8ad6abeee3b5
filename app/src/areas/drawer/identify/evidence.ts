import { OutOfRange, readLength, readNumber, type LengthUnit } from '@pike-stone/core';
import { densityOf, type Density, type Observations, type Weighing } from '@pike-stone/core/identify';
import { create } from 'zustand';
import { keptHere } from '../../../sync/kept-here';

/** What was typed of a weighing. */
export interface Weighed {
  readonly kind: Weighing['kind'];
  readonly massG: string;
  /** In the order of `SIZES`. */
  readonly sizes: readonly string[];
  readonly inWaterG: string;
}
const NOT_WEIGHED: Weighed = { kind: 'cylinder', massG: '', sizes: [], inWaterG: '' };

/** What is measured of each shape. */
export const SIZES: Readonly<Record<Weighing['kind'], readonly string[]>> = {
  cylinder: ['Diameter', 'Length'],
  block: ['Width', 'Height', 'Length'],
  'hung-in-water': [],
};

interface EvidenceState {
  readonly seen: Observations;
  readonly weighed: Weighed;
  see(seen: Observations): void;
  weigh(change: Partial<Weighed>): void;
  startAnew(): void;
}

/** The cutter that is being looked at. It survives a reload and a closed tab. */
export const useEvidence = create<EvidenceState>()(
  keptHere(
    (set) => ({
      seen: {},
      weighed: NOT_WEIGHED,
      see: (seen) => set({ seen }),
      weigh: (change) => set(({ weighed }) => ({ weighed: { ...weighed, ...change } })),
      startAnew: () => set({ seen: {}, weighed: NOT_WEIGHED }),
    }),
    { name: 'pike-identify-2' },
  ),
);

/** Standard uncertainties of a pocket balance and a caliper, and of water at room temperature. */
const U_MASS_G = 0.05;
const U_SIZE_MM = 0.02;
const WATER_G_CM3 = 0.998;

/** A weight as it is typed, g. */
const weight = (text: string): number | null => {
  const value = readNumber(text);
  return value !== null && value > 0 ? value : null;
};

/** A size as it is typed, mm. */
function size(text: string, unit: LengthUnit): number | null {
  const entry = readLength(text, unit);
  return entry.status === 'ok' ? entry.valueMm : null;
}

/** What was typed as a weighing; null while something is missing. */
function weighingOf({ kind, massG, sizes, inWaterG }: Weighed, unit: LengthUnit): Weighing | null {
  const mass = weight(massG);
  const [x, y, z] = sizes.map((text) => size(text, unit));
  const water = weight(inWaterG);
  if (mass === null) return null;
  const of = { massG: mass, uMassG: U_MASS_G };
  if (kind === 'cylinder')
    return x && y
      ? { ...of, kind, diameterMm: x, uDiameterMm: U_SIZE_MM, lengthMm: y, uLengthMm: U_SIZE_MM }
      : null;
  if (kind === 'block')
    return x && y && z
      ? { ...of, kind, sidesMm: [x, y, z], uSidesMm: [U_SIZE_MM, U_SIZE_MM, U_SIZE_MM] }
      : null;
  return water ? { ...of, kind, massInWaterG: water, waterGCm3: WATER_G_CM3 } : null;
}

export interface ReadWeighing {
  readonly weighing: Weighing | null;
  readonly density: Density | null;
  /** Why it cannot be, as a sentence. */
  readonly fault: string | null;
}

/** Reads a weighing; one that cannot be is told and not used. */
export function readWeighing(weighed: Weighed, unit: LengthUnit): ReadWeighing {
  const weighing = weighingOf(weighed, unit);
  if (!weighing) return { weighing: null, density: null, fault: null };
  try {
    return { weighing, density: densityOf(weighing), fault: null };
  } catch (error) {
    if (!(error instanceof OutOfRange)) throw error;
    const fault =
      error.what === 'density'
        ? error.value < error.least
          ? 'Lighter than plastic: look at the sizes and the balance again.'
          : 'Heavier than anything a cutter is made of: look at the sizes and the balance again.'
        : error.what === 'mass in water'
          ? 'In water it must weigh less than in air.'
          : 'Sizes and weights must be above 0.';
    return { weighing: null, density: null, fault };
  }
}

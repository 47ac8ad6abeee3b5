import { atLeast, positive } from '../quantity/out-of-range';

export interface Instrument {
  readonly name: string;
  readonly features: readonly string[];
  readonly resolutionMm: number;
  /** Expanded uncertainty, k = 2. */
  readonly uExpandedMm: number;
  readonly cost: number;
  readonly minMm: number;
  readonly maxMm: number;
}

export interface MeasureQuestion {
  readonly feature: string;
  readonly sizeMm: number;
  readonly toleranceWidthMm: number;
  /** Tolerance width over the whole spread of a reading: 4 by the usual rule, 10 where it is cheap. */
  readonly ratioWanted: number;
}

export interface InstrumentChoice {
  readonly chosen: Instrument;
  readonly enough: boolean;
  readonly ratio: number;
  /** Those that are enough, the cheapest first. */
  readonly acceptable: readonly Instrument[];
  /** What may be accepted: the width less a guard band at each side, never below 0. */
  readonly acceptWidthMm: number;
}

/**
 * The cheapest instrument that is fine enough for a size: tolerance width / (2 U) at least
 * the ratio wanted, and a resolution no coarser than width / ratio.
 *
 * When none is, the one with the best ratio, which is said to be not enough.
 *
 * @returns null when no instrument measures this feature at this size
 * @throws OutOfRange for a width or an uncertainty that is not above 0
 */
export function chooseInstrument(
  { feature, sizeMm, toleranceWidthMm, ratioWanted }: MeasureQuestion,
  instruments: readonly Instrument[],
): InstrumentChoice | null {
  const width = positive('tolerance width', toleranceWidthMm);
  const wanted = positive('ratio', ratioWanted);
  positive('size', sizeMm);
  atLeast('instruments', instruments, 1);
  const able = instruments
    .filter(({ features, minMm, maxMm }) => features.includes(feature) && sizeMm >= minMm && sizeMm <= maxMm)
    .map((instrument) => ({
      instrument,
      ratio: width / (2 * positive('uncertainty', instrument.uExpandedMm)),
    }));
  if (able.length === 0) return null;
  const acceptable = able
    .filter(({ instrument, ratio }) => ratio >= wanted && instrument.resolutionMm <= width / wanted)
    .sort((a, b) => a.instrument.cost - b.instrument.cost || b.ratio - a.ratio);
  const { instrument, ratio } = acceptable[0] ?? able.reduce((a, b) => (b.ratio > a.ratio ? b : a));
  return {
    chosen: instrument,
    enough: acceptable.length > 0,
    ratio,
    acceptable: acceptable.map((one) => one.instrument),
    acceptWidthMm: Math.max(0, width - 2 * instrument.uExpandedMm),
  };
}

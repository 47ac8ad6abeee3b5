import { positive } from '../quantity/out-of-range';

/** Belt sections by their usual names; flat and round belts bring their thickness. */
export type BeltSection =
  | 'Z'
  | 'SPZ'
  | 'A'
  | 'SPA'
  | 'B'
  | 'SPB'
  | 'C'
  | '3L'
  | '4L'
  | '5L'
  | '3V'
  | '5V'
  | 'PJ'
  | 'PL'
  | 'flat'
  | 'round';

interface Allowance {
  readonly mm: number;
  readonly uMm: number;
}
/** What pitch diameter differs from the outside of the pulley: twice the datum depth of ISO 4183, or typical. */
const ALLOWANCE: Readonly<Record<Exclude<BeltSection, 'flat' | 'round'>, Allowance>> = {
  Z: { mm: -4, uMm: 0.5 },
  SPZ: { mm: -4, uMm: 0.5 },
  A: { mm: -5.5, uMm: 0.7 },
  SPA: { mm: -5.5, uMm: 0.7 },
  B: { mm: -7, uMm: 0.9 },
  SPB: { mm: -7, uMm: 0.9 },
  C: { mm: -9.6, uMm: 1.2 },
  '3L': { mm: -3.8, uMm: 0.8 },
  '4L': { mm: -5.1, uMm: 1 },
  '5L': { mm: -7.6, uMm: 1.2 },
  '3V': { mm: -1.3, uMm: 0.4 },
  '5V': { mm: -2.5, uMm: 0.6 },
  PJ: { mm: 2.4, uMm: 0.3 },
  PL: { mm: 6, uMm: 0.5 },
};
export const BELT_SECTIONS = [...Object.keys(ALLOWANCE), 'flat', 'round'] as readonly BeltSection[];
const CALIPER_MM = 0.2;

function allowanceOf(section: BeltSection, thicknessMm: number | undefined): Allowance {
  if (section !== 'flat' && section !== 'round') {
    return ALLOWANCE[section];
  }
  const t = positive('belt thickness', thicknessMm ?? NaN);
  return section === 'flat' ? { mm: t, uMm: 0.1 * t } : { mm: -t, uMm: 0.05 * t };
}

/**
 * Pitch diameter of a pulley from what a caliper finds on its outside.
 *
 * ```
 *   outside ___            ___      flat:  d + t (neutral line in the belt)
 *              \  belt    /         V:     d - 2 x datum depth
 *     pitch - - \________/ - - -    round: measured over the belt, d - t
 * ```
 * A maker's own grooves differ and a worn belt sits deeper: `uMm`, one standard
 * uncertainty, covers both. Source: ISO 4183; L, V and P sections typical.
 *
 * @param outsideMm    measured outside diameter, mm, above 0 (round belt: over the belt)
 * @param thicknessMm  of a flat or round belt, mm
 * @param caliperMm    standard uncertainty of the measure, mm
 * @throws RangeError for an unknown section, a missing thickness, or a pulley smaller than its groove
 * @example pitchDiameter(90, 'A').mm // 84.5
 */
export function pitchDiameter(
  outsideMm: number,
  section: BeltSection,
  thicknessMm?: number,
  caliperMm = CALIPER_MM,
): { mm: number; uMm: number } {
  const { mm, uMm } = allowanceOf(section, thicknessMm);
  return {
    mm: positive('pitch diameter', positive('outside diameter', outsideMm) + mm),
    uMm: Math.hypot(uMm, caliperMm),
  };
}

/** Outside diameters up to this leave nothing for the belt to run on, mm: half again its groove. */
export function pulleyLeast(section: BeltSection, thicknessMm = 0): number {
  if (section === 'flat') return 1;
  return Math.max(1, -1.5 * (section === 'round' ? -thicknessMm : ALLOWANCE[section].mm));
}

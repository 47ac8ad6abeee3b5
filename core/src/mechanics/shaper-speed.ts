import { OutOfRange, positive, within } from '../quantity/out-of-range';

/** What moves the ram: a crank and slotted lever, or something that keeps the speed (hydraulic, rack). */
export type RamDrive = 'crank' | 'constant';

export interface ShaperSpeed {
  readonly effectiveReturnRatio: number;
  readonly meanCuttingMPerMin: number;
  readonly peakCuttingMPerMin: number;
  readonly meanReturnMPerMin: number;
}

const RIGHT_ANGLE = Math.PI / 2;
/** Half of the swing of the slotted lever, rad. */
const halfSwing = (returnRatio: number): number => (RIGHT_ANGLE * (returnRatio - 1)) / (returnRatio + 1);

/**
 * Return ratio at a stroke shorter than the longest: the crank is shorter, so the
 * lever swings less. sin phi = sin phi_max L / L_max, R = (90 + phi) / (90 - phi).
 */
export function returnRatioAt(strokeMm: number, longestMm: number, ratioAtLongest: number): number {
  const longest = positive('longest stroke', longestMm);
  const stroke = within('stroke', positive('stroke', strokeMm), 0, longest * (1 + 1e-9));
  const phi = Math.asin((Math.sin(halfSwing(ratioAtLongest)) * stroke) / longest);
  return (RIGHT_ANGLE + phi) / (RIGHT_ANGLE - phi);
}

/**
 * Cutting speed of a shaper: mean vm = N L (1 + 1/R) / 1000, and for a crank the
 * peak in mid-stroke pi N L / (1000 (1 + sin phi)), phi = 90 deg (R - 1)/(R + 1).
 *
 * @param strokesPerMin  double strokes a minute
 * @param returnRatio    time of the cutting stroke over time of the return, 1 or more
 * @param longestMm      when given, `returnRatio` holds at that stroke
 */
export function shaperSpeed(
  strokesPerMin: number,
  strokeMm: number,
  returnRatio: number,
  drive: RamDrive = 'crank',
  longestMm?: number,
): ShaperSpeed {
  positive('strokes', strokesPerMin);
  positive('stroke', strokeMm);
  if (!(returnRatio >= 1)) throw new OutOfRange('return ratio', returnRatio, 1);
  const R = longestMm === undefined ? returnRatio : returnRatioAt(strokeMm, longestMm, returnRatio);
  const mean = (strokesPerMin * strokeMm * (1 + 1 / R)) / 1000;
  const peak =
    drive === 'crank' ? (Math.PI * strokesPerMin * strokeMm) / (1000 * (1 + Math.sin(halfSwing(R)))) : mean;
  return {
    effectiveReturnRatio: R,
    meanCuttingMPerMin: mean,
    peakCuttingMPerMin: peak,
    meanReturnMPerMin: (strokesPerMin * strokeMm * (1 + R)) / 1000,
  };
}

/**
 * Double strokes a minute for a cutting speed.
 *
 * @param basis  `mean` (HSS, default) or `peak`: what a carbide edge sees
 */
export function shaperStrokes(
  cuttingMPerMin: number,
  strokeMm: number,
  returnRatio: number,
  basis: 'mean' | 'peak' = 'mean',
  drive: RamDrive = 'crank',
): number {
  const atOne = shaperSpeed(1, strokeMm, returnRatio, drive);
  return (
    positive('cutting speed', cuttingMPerMin)
    / (basis === 'mean' ? atOne.meanCuttingMPerMin : atOne.peakCuttingMPerMin)
  );
}

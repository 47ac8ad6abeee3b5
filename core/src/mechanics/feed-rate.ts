import { positive } from '../quantity/out-of-range';

/** Feed rate vf = f n, mm/min. */
export const feedRate = (feedMmRev: number, rpm: number): number =>
  positive('feed', feedMmRev) * positive('spindle speed', rpm);

/** Feed per turn of a cutter, mm: f = fz z. */
export const feedPerTurn = (feedPerToothMm: number, teeth: number): number =>
  positive('feed per tooth', feedPerToothMm) * positive('teeth', teeth);

/**
 * Time of a cut, seconds, with approach and overrun.
 * @param betweenS  handling between passes
 */
export function cutTime(input: {
  readonly lengthMm: number;
  readonly feedRateMmMin: number;
  readonly approachMm?: number;
  readonly overrunMm?: number;
  readonly passes?: number;
  readonly betweenS?: number;
}): { perPassS: number; totalS: number } {
  const { lengthMm, feedRateMmMin, approachMm = 0, overrunMm = 0, passes = 1, betweenS = 0 } = input;
  const perPassS =
    (60 * (positive('length', lengthMm) + approachMm + overrunMm)) / positive('feed rate', feedRateMmMin);
  return { perPassS, totalS: passes * perPassS + (passes - 1) * betweenS };
}

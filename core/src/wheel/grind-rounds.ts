import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';
import { wholeOver } from '../quantity/whole';

/** What has to come off the end of a cutter, and how. */
export interface RoundsWish {
  readonly teeth: number;
  /** Worn land, square to the cutter's axis. */
  readonly wearMm: number;
  readonly reliefDeg: number;
  /** Depth of the deepest chip along the axis. */
  readonly chipMm: number;
  readonly marginMm: number;
  readonly infeedMm: number;
  readonly sparkOut: number;
}

/**
 * Rounds of one pass on each tooth: stock = max(wear land x tan(relief), chip) + margin. All teeth are
 * ground at one setting before the next infeed, so that they share the wear of the wheel.
 * @example grindRounds({ teeth: 4, wearMm: 0.3, reliefDeg: 6, chipMm: 0, marginMm: 0.02, infeedMm: 0.01, sparkOut: 1 }).rounds // 6
 */
export function grindRounds({ teeth, wearMm, reliefDeg, chipMm, marginMm, infeedMm, sparkOut }: RoundsWish) {
  const worn = within('wear land', wearMm, 0, 100) * Math.tan(within('relief', reliefDeg, 0, 80) * DEG);
  const stockMm = Math.max(worn, chipMm) + marginMm;
  const each = positive('infeed', infeedMm);
  const rounds = Math.max(0, wholeOver(stockMm / each));
  return {
    stockMm,
    rounds,
    passes: (rounds + sparkOut) * positive('teeth', teeth),
    lastMm: rounds === 0 ? 0 : stockMm - (rounds - 1) * each,
  };
}

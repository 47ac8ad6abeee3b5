import { positive } from '../quantity/out-of-range';
import { wholeIn } from '../quantity/whole';

/** Length of a bit that can still be ground away, mm. */
export const usableLength = (lengthMm: number, gripMm: number, overhangMm: number): number =>
  Math.max(0, lengthMm - gripMm - overhangMm);

/**
 * Regrinds that a bit has left: floor((length - grip - overhang - waste) / stock).
 *
 * @param gripMm      held in the post at the least
 * @param overhangMm  that the cut needs at the least
 * @param stockMm     of one regrind, along the shank, above 0
 * @param wasteMm     that is lost besides: a chipped end, a crack
 * @returns `endMm` is the length when no regrind is left
 * @example regrindsLeft(63, 30, 10, 0.3, 2).regrinds // 70
 */
export function regrindsLeft(
  lengthMm: number,
  gripMm: number,
  overhangMm: number,
  stockMm: number,
  wasteMm: number,
) {
  const usableMm = usableLength(lengthMm - wasteMm, gripMm, overhangMm);
  const regrinds = wholeIn(usableMm / positive('stock of a regrind', stockMm));
  return { regrinds, endMm: lengthMm - wasteMm - regrinds * stockMm };
}

/** Stock along the shank that a stock square to the front flank costs: q / n_x. */
export const alongShank = (stockMm: number, frontNormalX: number): number =>
  stockMm / positive('forward part of the front flank', frontNormalX);

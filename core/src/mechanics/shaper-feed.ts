import { positive } from '../quantity/out-of-range';
import { wholeIn, wholeOver } from '../quantity/whole';

/**
 * Feed of a shaper: a ratchet gives whole teeth; strokes = ceil((width + overrun)/f).
 *
 * @param pawlStepMm  feed of one tooth of the ratchet; left out when fed by hand
 */
export function shaperFeed(
  wantedMm: number,
  widthMm: number,
  strokesPerMin: number,
  overrunMm = 0,
  pawlStepMm?: number,
) {
  const { teeth, feedMm } = ratchet(positive('feed', wantedMm), pawlStepMm);
  const strokes = wholeOver((positive('width', widthMm) + overrunMm) / feedMm);
  return { ratchetTeeth: teeth, feedMm, strokes, minutes: strokes / positive('strokes', strokesPerMin) };
}

/** Whole teeth of the ratchet for a feed, at least one; without a ratchet the feed as it is wanted. */
function ratchet(wantedMm: number, pawlStepMm: number | undefined) {
  if (pawlStepMm === undefined) return { teeth: null, feedMm: wantedMm };
  const teeth = Math.max(1, wholeIn(wantedMm / positive('pawl step', pawlStepMm)));
  return { teeth, feedMm: teeth * pawlStepMm };
}

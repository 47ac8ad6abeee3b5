import { positive } from '../quantity/check';

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
  const teeth =
    pawlStepMm === undefined
      ? null
      : Math.max(1, Math.floor(positive('feed', wantedMm) / positive('pawl step', pawlStepMm) + 1e-9));
  const feedMm = teeth === null ? positive('feed', wantedMm) : teeth * (pawlStepMm as number);
  const strokes = Math.ceil((positive('width', widthMm) + overrunMm) / feedMm - 1e-9);
  return { ratchetTeeth: teeth, feedMm, strokes, minutes: strokes / positive('strokes', strokesPerMin) };
}

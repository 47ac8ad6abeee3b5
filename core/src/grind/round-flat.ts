import { positive, within } from '../quantity/out-of-range';

/**
 * A flat on a round blank: the segment it takes away and its width 2 sqrt(R^2 - (R - c)^2).
 *
 * @param depthMm  c, from the round, up to the diameter
 * @example roundFlat(8, 1).widthMm // 5.29
 */
export function roundFlat(diameterMm: number, depthMm: number) {
  const r = positive('diameter', diameterMm) / 2;
  const left = r - within('depth of the flat', depthMm, 0, diameterMm);
  const half = Math.sqrt(Math.max(0, r ** 2 - left ** 2));
  return { removedMm2: r ** 2 * Math.acos(left / r) - left * half, widthMm: 2 * half };
}

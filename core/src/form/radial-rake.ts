import { atLeast, within } from '../quantity/out-of-range';
import { depthOnFace, faceOffset } from '../setting/cutter-blank';

/** Depth that a point at a depth on the face cuts in the work: the inverse of `depthOnFace`. */
export const depthCut = (radiusMm: number, offsetMm: number, onFaceMm: number): number =>
  radiusMm - Math.hypot(Math.sqrt(radiusMm ** 2 - offsetMm ** 2) - onFaceMm, offsetMm);

/**
 * Relieved milling cutter with radial rake. On the face C = R cos gamma - sqrt((R - d)^2 - e^2); in a radial
 * plane of the relieved body delta = d - k (asin(e / (R - d)) - asin(e / R)); a face left uncorrected cuts
 * R - sqrt((R cos gamma - d)^2 + e^2).
 *
 * @param depthsMm        below the tip in the work
 * @param dropMmPerRad    k, drop of the relief, cam drop x teeth / (2 pi)
 * @example rakedCutter(35, 10, [4.5], 0).faceDepthsMm // [4.58]
 */
export function rakedCutter(
  radiusMm: number,
  rakeDeg: number,
  depthsMm: readonly number[],
  dropMmPerRad: number,
) {
  const e = faceOffset(radiusMm, rakeDeg);
  within('drop of the relief', dropMmPerRad, 0, radiusMm);
  atLeast('depths', depthsMm, 1).forEach((depth) => within('depth of the form', depth, 0, radiusMm));
  return {
    faceOffsetMm: e,
    faceDepthsMm: depthsMm.map((depth) => depthOnFace(radiusMm, e, depth)),
    bodyDepthsMm: depthsMm.map(
      (depth) => depth - dropMmPerRad * (Math.asin(e / (radiusMm - depth)) - Math.asin(e / radiusMm)),
    ),
    uncorrectedDepthsMm: depthsMm.map((depth) => depthCut(radiusMm, e, depth)),
  };
}

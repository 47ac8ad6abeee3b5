import { DEG } from '../quantity/angle';
import { OutOfRange, atLeast, positive, within } from '../quantity/out-of-range';

/**
 * Where the face of a milling cutter's tooth lies: a plane at e = R sin gamma from the axis, behind it for a
 * positive rake, so that the tip leads and deeper points trail.
 */
export function faceOffset(radiusMm: number, rakeDeg: number): number {
  positive('cutter radius', radiusMm);
  return radiusMm * Math.sin(within('radial rake', rakeDeg, -20, 35) * DEG);
}

/** Depth on a face at offset e of a point at a depth below the tip in the work. */
export function depthOnFace(radiusMm: number, offsetMm: number, depthMm: number): number {
  if (!(radiusMm - depthMm > Math.abs(offsetMm)))
    throw new OutOfRange('depth of the form', depthMm, 0, radiusMm - Math.abs(offsetMm));
  return Math.sqrt(radiusMm ** 2 - offsetMm ** 2) - Math.sqrt((radiusMm - depthMm) ** 2 - offsetMm ** 2);
}

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

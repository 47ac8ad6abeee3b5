import { DEG } from '../quantity/angle';
import { OutOfRange, atLeast, positive, within } from '../quantity/out-of-range';

/** Sum of rake and clearance from which a form tool has no body left, degrees. */
const MOST_WEDGE_LOST_DEG = 60;

/** Radii of turned work, the smallest first: it is cut by the foremost point, on centre. */
export function checkedRadii(radiiMm: readonly number[]): readonly number[] {
  atLeast('radii', radiiMm, 1);
  radiiMm.forEach((radius, i) => {
    positive('radius', radius);
    if (radius < radiiMm[0]!) throw new OutOfRange(`radius ${i + 1}`, radius, radiiMm[0]!);
  });
  return radiiMm;
}

/** Rake and clearance of a form tool, checked, in radians. */
export function checkedWedge(topRakeDeg: number, clearanceDeg: number) {
  within('clearance', clearanceDeg, 0, 30);
  within('top rake', topRakeDeg, -30, 45);
  const lost = Math.abs(topRakeDeg) + clearanceDeg;
  if (!(lost < MOST_WEDGE_LOST_DEG))
    throw new OutOfRange('rake and clearance together', lost, 0, MOST_WEDGE_LOST_DEG);
  return { gamma: topRakeDeg * DEG, alpha: clearanceDeg * DEG };
}

/**
 * Depth along the top face of the point that turns a radius, from the foremost point on centre:
 * C = sqrt(r^2 - (r1 sin gamma)^2) - r1 cos gamma.
 */
export function faceDepth(smallestMm: number, radiusMm: number, gamma: number): number {
  const height = smallestMm * Math.sin(gamma);
  return Math.sqrt(radiusMm * radiusMm - height * height) - smallestMm * Math.cos(gamma);
}

/** Radius that a point at a depth along the top face turns. */
export const turnedRadius = (smallestMm: number, depthMm: number, gamma: number): number =>
  Math.sqrt(smallestMm ** 2 + 2 * smallestMm * depthMm * Math.cos(gamma) + depthMm ** 2);

/**
 * Flat form tool for turning. Depth along the face C; depth square to the clearance face T = C cos(gamma +
 * alpha); what a tool left uncorrected would turn, r' = sqrt(r1^2 + 2 r1 C' cos gamma + C'^2) with C' = (r -
 * r1) / cos(gamma + alpha). Widths along the axis stay as they are.
 *
 *        top face __________ edge            gamma  top rake
 *                          /  clearance face  alpha  clearance
 *
 * @param radiiMm  smallest first
 * @example flatCorrection([10, 12, 15], 10, 8).faceDepthsMm // [0, 2.0256, 5.0511]
 */
export function flatCorrection(radiiMm: readonly number[], topRakeDeg: number, clearanceDeg: number) {
  const smallest = checkedRadii(radiiMm)[0]!;
  const { gamma, alpha } = checkedWedge(topRakeDeg, clearanceDeg);
  const faceDepthsMm = radiiMm.map((radius) => faceDepth(smallest, radius, gamma));
  return {
    faceDepthsMm,
    normalDepthsMm: faceDepthsMm.map((depth) => depth * Math.cos(gamma + alpha)),
    uncorrectedRadiiMm: radiiMm.map((radius) =>
      turnedRadius(smallest, (radius - smallest) / Math.cos(gamma + alpha), gamma),
    ),
  };
}

import { DEG } from '../quantity/angle';
import { polar } from '../quantity/plane';
import { positive, within } from '../quantity/out-of-range';
import { circleOfBestFit } from '../profile/arc-fit';

/** Points of the edge that the circle of best fit is laid through. */
const EDGE_POINTS = 120;

/** Stretch of the ellipse at an angle from the depth axis: k(a) = 1 / sqrt(sin^2 a + cos^2 a cos^2 alpha). */
const stretchAt = (angleRad: number, clearanceRad: number): number =>
  1 / Math.sqrt(Math.sin(angleRad) ** 2 + (Math.cos(angleRad) * Math.cos(clearanceRad)) ** 2);

/**
 * Swinging fixture with its axis tilted by the clearance: the relief is a cylinder of the swing radius w, which
 * the tool's face cuts in an ellipse, w across and w / cos alpha in depth. A smaller swing w' = 2 w / (kmax +
 * kmin) shares the deviation, centre kept.
 *
 * @param fromDeg, toDeg  of the arc used, in the face, from the depth axis
 * @example swingEllipse(5, 10, -60, 60).correctedSwingMm // 4.9524
 */
export function swingEllipse(swingMm: number, clearanceDeg: number, fromDeg: number, toDeg: number) {
  positive('swing radius', swingMm);
  const alpha = within('clearance', clearanceDeg, 0, 45) * DEG;
  within('start of the arc', fromDeg, -180, 180);
  within('end of the arc', toDeg, fromDeg, 180);
  const turning = [-180, -90, 0, 90, 180].filter((angle) => angle > fromDeg && angle < toDeg);
  const stretches = [fromDeg, toDeg, ...turning].map((angle) => stretchAt(angle * DEG, alpha));
  const [most, least] = [Math.max(...stretches), Math.min(...stretches)];
  const correctedSwingMm = (2 * swingMm) / (most + least);
  return {
    depthSemiAxisMm: swingMm / Math.cos(alpha),
    widthSemiAxisMm: swingMm,
    apexRadiusMm: swingMm * Math.cos(alpha),
    maxDeviationMm: swingMm * (most - 1),
    correctedSwingMm,
    remainingMm: correctedSwingMm * most - swingMm,
  };
}

/**
 * The circle nearest to the swung edge when its centre may move: the radius to expect, and how far the edge
 * leaves it.
 * @example swungCircle(5, 10, -60, 60).radiusMm // 4.957
 */
export function swungCircle(swingMm: number, clearanceDeg: number, fromDeg: number, toDeg: number) {
  const alpha = clearanceDeg * DEG;
  const points = Array.from({ length: EDGE_POINTS + 1 }, (_, i) => {
    const angle = (fromDeg + ((toDeg - fromDeg) * i) / EDGE_POINTS) * DEG;
    return polar(swingMm * stretchAt(angle, alpha), angle);
  });
  return circleOfBestFit(points);
}

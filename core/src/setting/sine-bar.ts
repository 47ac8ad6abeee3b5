import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

const ARCSEC = (1 / 3600) * DEG;
const MM_PER_UM = 0.001;
/** Between the rolls of a usual sine bar or plate, mm. */
export const USUAL_BAR_MM = 100;
/** Above this angle the complement is set more exactly, degrees. */
const COMPLEMENT_FROM_DEG = 45;
/** Above this angle the bar may slip: it is clamped to an angle plate, degrees. */
export const SLIPS_FROM_DEG = 60;

/**
 * Stack under the roll of a sine bar: h = L sin theta. Sensitivity 1 / (L cos theta).
 *
 * @param lengthMm  between the axes of the rolls
 * @param angleDeg  0 to below 90
 * @example sineStack(100, 30).stackMm // 50
 */
export function sineStack(lengthMm: number, angleDeg: number) {
  positive('length of the sine bar', lengthMm);
  within('angle', angleDeg, 0, 89.99);
  return {
    stackMm: lengthMm * Math.sin(angleDeg * DEG),
    arcsecPerUm: MM_PER_UM / (lengthMm * Math.cos(angleDeg * DEG)) / ARCSEC,
    adviseComplement: angleDeg > COMPLEMENT_FROM_DEG,
  };
}

/**
 * Angle that a stack gives, and its error to first order: d theta = dh / (L cos theta) - tan theta dL / L.
 *
 * @param lengthErrorUm  actual less nominal length; too long a bar makes the angle too small
 */
export function sineAngle(lengthMm: number, stackMm: number, stackErrorUm: number, lengthErrorUm: number) {
  positive('length of the sine bar', lengthMm);
  if (!(stackMm >= 0 && stackMm < lengthMm)) throw new OutOfRange('stack', stackMm, 0, lengthMm);
  const theta = Math.asin(stackMm / lengthMm);
  const error =
    (stackErrorUm * MM_PER_UM) / (lengthMm * Math.cos(theta))
    - (Math.tan(theta) * lengthErrorUm * MM_PER_UM) / lengthMm;
  return { angleDeg: theta / DEG, errorArcsec: error / ARCSEC };
}

/** What two slopes mean: those of the plate's top in the room, or those of a face that is to come level. */
export type CompoundPurpose = 'plane-in-world' | 'face-level';

/**
 * Compound sine plate, its upper plate hinged on the lower one.
 * Plane in the room: alpha = A, tan beta = tan B cos A. Face level: beta = B, tan alpha = tan A cos B.
 *
 * @returns angles and stacks of both plates, and the tilt from level, cos T = cos alpha cos beta
 */
export function compoundSine(
  purpose: CompoundPurpose,
  frontDeg: number,
  sideDeg: number,
  lowerLengthMm: number,
  upperLengthMm: number,
) {
  const [a, b] = [within('front angle', frontDeg, 0, 80) * DEG, within('side angle', sideDeg, 0, 80) * DEG];
  const [alpha, beta] =
    purpose === 'plane-in-world'
      ? [a, Math.atan(Math.tan(b) * Math.cos(a))]
      : [Math.atan(Math.tan(a) * Math.cos(b)), b];
  return {
    lowerDeg: alpha / DEG,
    upperDeg: beta / DEG,
    lowerStackMm: positive('length of the lower plate', lowerLengthMm) * Math.sin(alpha),
    upperStackMm: positive('length of the upper plate', upperLengthMm) * Math.sin(beta),
    trueTiltDeg: Math.acos(Math.cos(alpha) * Math.cos(beta)) / DEG,
  };
}

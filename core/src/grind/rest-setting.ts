import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { unit, type Vector } from '../quantity/vector';

/**
 * How a bit is held against the front of a wheel that runs down, operator at X+.
 *
 * ```
 *   above:  wheel ====          side (along -Y):   wheel )  ____ rest
 *              | nose                                    ) /bit
 *   turn + = nose to the operator's right        tilt + = operator's edge of the rest low
 * ```
 *
 * The bit is fixed to its holder in the order roll, turn, rest tilt.
 */
export interface RestSetting {
  /** About the rest's own normal: 0 shows the front to the wheel, 90 the left side, -90 the right. */
  readonly turnDeg: number;
  /** Positive lowers the operator's edge: the ground face falls back under the top. */
  readonly tiltDeg: number;
  /** About the shank: 0 on its bottom, 90 on its right side with the left edge up. */
  readonly rollDeg: number;
}

export interface WheelContact {
  readonly wheelMm: number;
  /** Of the contact above the axle, mm; below it negative. */
  readonly heightMm: number;
}

/**
 * How far the wheel leans at the contact: epsilon = asin(2h/Dw), degrees. The wheel wears, so this
 * is reckoned again as it does.
 */
export function wheelLeanDeg({ wheelMm, heightMm }: WheelContact): number {
  const radius = positive('wheel diameter', wheelMm) / 2;
  if (!(Math.abs(heightMm) < radius)) throw new OutOfRange('contact height', heightMm, -radius, radius);
  return Math.asin(heightMm / radius) / DEG;
}

/** From the rest back to the shank frame: undoes the roll. */
const unrolled = ([x, y, z]: Vector, rollDeg: number): Vector => {
  const [c, s] = [Math.cos(rollDeg * DEG), Math.sin(rollDeg * DEG)];
  return [x, c * y + s * z, -s * y + c * z];
};

/**
 * Normal of the face that a setting grinds, in the shank frame (the tangent plane at the contact).
 * @example groundFace({ turnDeg: 80, tiltDeg: 9, rollDeg: 0 }, { wheelMm: 150, heightMm: 0 }) // [0.1715, 0.9727, -0.1564]
 */
export function groundFace({ turnDeg, tiltDeg, rollDeg }: RestSetting, contact: WheelContact): Vector {
  const [turn, tilt] = [turnDeg * DEG, (tiltDeg + wheelLeanDeg(contact)) * DEG];
  const face: Vector = [Math.cos(turn) * Math.cos(tilt), Math.sin(turn) * Math.cos(tilt), -Math.sin(tilt)];
  return unrolled(face, rollDeg);
}

/**
 * Turn and tilt that grind a wanted face at a given roll: the inverse of `groundFace`.
 * @example restSetting(major, 0, { wheelMm: 150, heightMm: 0 }) // turn 78.99, tilt 9.82 for a general bit
 */
export function restSetting(face: Vector, rollDeg: number, contact: WheelContact): RestSetting {
  const [x, y, z] = unrolled(unit(face), -rollDeg);
  return {
    turnDeg: Math.atan2(y, x) / DEG,
    tiltDeg: Math.asin(within('upright part of a face', -z, -1, 1)) / DEG - wheelLeanDeg(contact),
    rollDeg,
  };
}

/** Direction of the wheel's axle in the shank frame: the hollow that it grinds runs along it. */
export const axleIn = ({ turnDeg, rollDeg }: RestSetting): Vector =>
  unrolled([-Math.sin(turnDeg * DEG), Math.cos(turnDeg * DEG), 0], rollDeg);

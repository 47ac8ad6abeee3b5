import { wheelLeanDeg } from '../grind/rest-setting';
import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

/** A point of the rest's surface, seen from the wheel's axle, and how high the bit stands on the rest. */
export interface RestHinge {
  /** Towards the operator, mm. */
  readonly xMm: number;
  /** Up, mm: a rest below the axle has a negative one. */
  readonly yMm: number;
  /** From the rest to the top face of the bit, mm. */
  readonly bitMm: number;
}

/** How far a wheel of a radius leans at a contact, degrees: see `wheelLeanDeg`. */
export const leanAt = (heightMm: number, radiusMm: number): number =>
  wheelLeanDeg({ wheelMm: 2 * radiusMm, heightMm });

/**
 * Relief at the edge of a bit that lies on a rest: alpha = tau + asin(h/R), exactly.
 *
 * ```
 *      /        \       / top face
 *     |    O     |<E--+----------   E = edge, h above the axle O
 *      \________/  \_____________   rest, tilted by tau: operator's side low is positive
 * ```
 *
 * The tangent of the wheel at height h leans by asin(h/R); the rest adds its tilt.
 *
 * @param heightMm  h of the edge, below the axle negative, less than the radius
 * @example reliefOnRest(0, 13.0236, 75) // 10.0
 */
export const reliefOnRest = (tiltDeg: number, heightMm: number, radiusMm: number): number =>
  tiltDeg + leanAt(heightMm, radiusMm);

/**
 * Tilt of the rest for a wanted relief: tau = alpha - asin(h/R).
 * @example tiltForRelief(12, 5, 75) // 8.18
 */
export const tiltForRelief = (wantedDeg: number, heightMm: number, radiusMm: number): number =>
  wantedDeg - leanAt(heightMm, radiusMm);

/** Relief of an offset of the top face from the axle, and the height that its edge then has. */
function atOffset(offsetMm: number, tiltDeg: number, radiusMm: number) {
  const angleDeg = leanAt(offsetMm, radiusMm);
  return { offsetMm, angleDeg, tiltDeg, heightMm: radiusMm * Math.sin((angleDeg - tiltDeg) * DEG) };
}

/**
 * Relief from the tilt of a rest on a hinge: sin(alpha) = d/R with d = px sin(tau) + py cos(tau) + H,
 * the distance of the top face from the axle. No height has to be measured.
 * @example reliefOnHinge({ xMm: 90, yMm: -8, bitMm: 10 }, 4, 75).angleDeg // 6.35
 */
export function reliefOnHinge({ xMm, yMm, bitMm }: RestHinge, tiltDeg: number, radiusMm: number) {
  const tilt = tiltDeg * DEG;
  return atOffset(xMm * Math.sin(tilt) + yMm * Math.cos(tilt) + bitMm, tiltDeg, radiusMm);
}

/**
 * Tilt of a rest on a hinge for a wanted relief: tau = asin((R sin(alpha) - H) / A) - atan2(py, px)
 * with A = hypot(px, py). Where the rest is then slid in to restore its gap, the hinge has moved:
 * reckon again.
 * @example tiltOnHinge({ xMm: 90, yMm: -8, bitMm: 10 }, 12, 75).tiltDeg // 8.63
 */
export function tiltOnHinge({ xMm, yMm, bitMm }: RestHinge, wantedDeg: number, radiusMm: number) {
  const offset = positive('wheel radius', radiusMm) * Math.sin(within('relief', wantedDeg, -89, 89) * DEG);
  const arm = positive('distance of the hinge', Math.hypot(xMm, yMm));
  const share = (offset - bitMm) / arm;
  if (!(Math.abs(share) <= 1)) throw new OutOfRange('contact height', offset, bitMm - arm, bitMm + arm);
  const tiltDeg = (Math.asin(share) - Math.atan2(yMm, xMm)) / DEG;
  return atOffset(offset, tiltDeg, radiusMm);
}

/**
 * What the wear of a wheel does to the relief, and what brings it back: another tilt at the same
 * height, or another height at the same tilt. At h = 0 wear changes nothing but the hollow.
 * @example wearCorrection(8, 5, 75, 65) // uncorrected 12.41; set 7.41, or 4.33 mm
 */
export function wearCorrection(tiltDeg: number, heightMm: number, beforeMm: number, afterMm: number) {
  const before = reliefOnRest(tiltDeg, heightMm, beforeMm);
  const uncorrected = reliefOnRest(tiltDeg, heightMm, afterMm);
  return {
    beforeDeg: before,
    uncorrectedDeg: uncorrected,
    tiltDeg: tiltDeg + before - uncorrected,
    heightMm: (heightMm * afterMm) / beforeMm,
  };
}

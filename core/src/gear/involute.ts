import { within } from '../quantity/out-of-range';

const MOST_STEPS = 60;
const DONE = 1e-15;
/** Above this value Newton starts from the asymptote of the function. */
const STEEP = 1.8;

/**
 * The involute function, inv a = tan a - a, radians.
 * @param angleRad  from 0 to below 90 degrees
 * @example involute(Math.PI / 9) // 0.0149043839
 */
export function involute(angleRad: number): number {
  within('angle of the involute', angleRad, 0, Math.PI / 2 - 1e-9);
  return Math.tan(angleRad) - angleRad;
}

/**
 * The angle whose involute function has a value, by Newton from (3 v)^(1/3), or atan(v + pi/2) above 1.8.
 * @example inverseInvolute(0.0149043839) // 20 degrees in radians
 */
export function inverseInvolute(value: number): number {
  within('involute', value, 0, 1e6);
  if (value === 0) return 0;
  let angle = value < STEEP ? Math.cbrt(3 * value) : Math.atan(value + Math.PI / 2);
  angle = Math.min(angle, Math.PI / 2 - 1e-9);
  for (let i = 0; i < MOST_STEPS; i += 1) {
    const tangent = Math.tan(angle);
    const step = (tangent - angle - value) / (tangent * tangent);
    angle -= step;
    if (Math.abs(step) < DONE) break;
  }
  return angle;
}

import { positive } from '../quantity/out-of-range';
import { polar } from '../quantity/plane';
import type { CurvePoint } from '../profile/arc-fit';
import { angleAtRadius } from './gear';
import { involute } from './involute';

const USUAL_POINTS = 400;

/**
 * Points of an involute with exact directions, from its base point on +y, running outwards to the right.
 * They crowd towards the base circle, where it bends most.
 *
 * @param startRad  angle of its base point from +y, clockwise
 */
export function involuteCurve(
  baseMm: number,
  fromMm: number,
  toMm: number,
  startRad = 0,
  count = USUAL_POINTS,
): readonly CurvePoint[] {
  positive('base radius', baseMm);
  const roll = (radius: number): number => Math.tan(angleAtRadius(baseMm, radius));
  const [first, last] = [roll(fromMm), roll(toMm)];
  return Array.from({ length: count + 1 }, (_, i) => {
    const tangent = first + ((last - first) * i) / count;
    const radius = baseMm * Math.hypot(1, tangent);
    const angle = Math.atan(tangent);
    const place = startRad + involute(angle);
    return { at: polar(radius, place), direction: polar(1, place + angle) };
  });
}

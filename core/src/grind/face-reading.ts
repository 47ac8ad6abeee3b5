import { apparentClearance, apparentRake } from '../bit/apparent-angle';
import type { Vector } from '../quantity/vector';
import type { BitPlan } from './bit-plan';
import type { GrindStep, ReadingPlane } from './grind-step';
import { contactOf } from './layout';
import { groundFace } from './rest-setting';

/** What a protractor reads on a face, by its normal, in a plane: clearance of a flank, rake of a top. */
export function faceReading(normal: Vector, plane: ReadingPlane): number {
  const isTop = normal[2] > 0.5;
  if (plane === 'along-shank') return isTop ? apparentRake(normal, 0) : apparentClearance(normal, 0);
  return isTop ? apparentRake(normal, 90) : apparentClearance(normal, normal[1] < 0 ? -90 : 90);
}

/**
 * What a protractor will read on the face of a step that is ground with the rest at another tilt.
 *
 * @param tiltDeg  of the rest as it was measured, the operator's edge low positive
 * @returns null where the bit is not held on the rest
 * @example readingAtTilt(side of a general bit, plan, 'across-shank', 6) // 6.1 instead of 10 at 9.8
 */
export function readingAtTilt(
  { setting }: GrindStep,
  plan: BitPlan,
  plane: ReadingPlane,
  tiltDeg: number,
): number | null {
  if (!setting) return null;
  const [x, y, z] = groundFace({ ...setting, tiltDeg }, contactOf(plan));
  return faceReading([x, plan.hand === 'left' ? -y : y, z], plane);
}

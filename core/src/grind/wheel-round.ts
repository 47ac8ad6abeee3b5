import { cross, dot, plus, times, unit, type Vector } from '../quantity/vector';
import { leavesBlank } from '../solid/blank';
import type { Cylinder } from '../solid/solid-cut';
import type { BitPlan } from './bit-plan';
import { sagitta } from './hollow';
import { axleIn, type RestSetting } from './rest-setting';

/** Chord of a face in the section square to the wheel's axle: from the nose to the far side of the blank. */
function chordOf(
  plan: BitPlan,
  nose: Vector,
  normal: Vector,
  axle: Vector,
): { toHeel: Vector; widthMm: number } {
  const along = unit(cross(normal, axle));
  // Towards the bottom for a flank, towards the far side for the rake.
  const rake = normal[2] > 0.5;
  const toHeel = (rake ? along[1] : along[2]) < 0 ? along : times(along, -1);
  // An end face reaches the lowest point of the blank; any other ends where it leaves the section.
  const isEnd = !rake && normal[0] > Math.abs(normal[1]);
  const widthMm = isEnd
    ? (plan.blank.heightMm + nose[2]) / Math.max(0.05, -toHeel[2])
    : leavesBlank(plan.blank, nose, toHeel);
  return { toHeel, widthMm };
}

/** The wheel's round through the nose and the heel of a face, or the end of its land. */
export function wheelRound(
  plan: BitPlan,
  nose: Vector,
  normal: Vector,
  setting: RestSetting,
  landMm: number | undefined,
): Cylinder {
  const axis = axleIn(setting);
  const radiusMm = plan.wheel.diameterMm / 2;
  const { toHeel, widthMm: whole } = chordOf(plan, nose, normal, axis);
  const widthMm = Math.min(whole, landMm ?? whole);
  const outward = unit(cross(toHeel, axis));
  const away = dot(outward, normal) > 0 ? outward : times(outward, -1);
  const middle = plus(nose, times(toHeel, widthMm / 2));
  const distance = radiusMm - sagitta(radiusMm, widthMm);
  return { through: plus(middle, times(away, distance)), axis, towards: times(away, -1), radiusMm };
}

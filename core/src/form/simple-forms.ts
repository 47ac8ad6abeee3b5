import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';
import { bulgeOf, joined, mirrored, type Corner, type Profile } from '../profile/profile';
import { threadHalfAngle, type ThreadForm } from '../setting/thread';
import type { RadiusKind } from './form-names';

/** Root radius and depth of an outside thread with a round root, in pitches (ISO 68-1, and its 55 degree like). */
const THREAD_ROOT: Readonly<Record<ThreadForm, { readonly radius: number; readonly depth: number }>> = {
  'iso-60': { radius: 0.144338, depth: (17 / 24) * 0.866025 },
  'form-55': { radius: 0.137329, depth: 0.640327 },
};
/** Share of a form's depth by which its ends run on beyond the surface of the work. */
const RUN_ON = 0.1;
/** Width of the lands beside a form, as a share of its depth. */
const LAND = 0.5;

export interface SimpleForm {
  /** Left to right, the tool above: its tip at height 0. */
  readonly profile: Profile;
  /** From the tip to the surface of the work, mm. */
  readonly depthMm: number;
}

const symmetric = (right: Profile): Profile => joined(mirrored(right), right);

/** The groove of an outside thread with its round root. */
export function threadSpace(form: ThreadForm, pitchMm: number): SimpleForm {
  positive('pitch', pitchMm);
  const a = threadHalfAngle(form) * DEG;
  const { radius, depth } = THREAD_ROOT[form];
  const [r, depthMm] = [radius * pitchMm, depth * pitchMm];
  const [startX, startY] = [r * Math.cos(a), r * (1 - Math.sin(a))];
  const top = depthMm * (1 + RUN_ON);
  const right: Profile = [
    [0, 0, bulgeOf(Math.PI / 2 - a)],
    [startX, startY, 0],
    [startX + (top - startY) * Math.tan(a), top, 0],
  ];
  return { profile: symmetric(right), depthMm };
}

/**
 * A radius: a groove whose bottom the tool rounds, a bead that it hollows, or an edge that it rounds off.
 * @param depthMm  of a groove, up to the radius; the others are as deep as their radius
 */
export function radiusForm(kind: RadiusKind, radiusMm: number, depthMm: number): SimpleForm {
  const r = positive('radius', radiusMm);
  const land = LAND * r;
  if (kind === 'groove') {
    within('depth of the groove', positive('depth of the groove', depthMm), 0, r);
    const turned = Math.acos(1 - depthMm / r);
    const [endX, run] = [r * Math.sin(turned), RUN_ON * depthMm];
    const right: Profile = [
      [0, 0, bulgeOf(turned)],
      [endX, depthMm, 0],
      [endX + run * Math.cos(turned), depthMm + run * Math.sin(turned), 0],
    ];
    return { profile: symmetric(right), depthMm };
  }
  const quarter = -bulgeOf(Math.PI / 2);
  if (kind === 'bead')
    return {
      profile: symmetric([
        [0, r, quarter],
        [r, 0, 0],
        [r + land, 0, 0],
      ]),
      depthMm: r,
    };
  return {
    profile: [
      [-land, 0, 0],
      [0, 0, quarter],
      [r, r, 0],
      [r + land, r, 0],
    ],
    depthMm: r,
  };
}

/** A bevelled edge: its width along the work, and its angle from the surface. */
export function chamferForm(widthMm: number, angleDeg: number): SimpleForm {
  const height =
    positive('width of the chamfer', widthMm)
    * Math.tan(within('angle of the chamfer', angleDeg, 5, 85) * DEG);
  const land = LAND * Math.max(height, widthMm);
  const corners: readonly Corner[] = [
    [-land, 0, 0],
    [0, 0, 0],
    [widthMm, height, 0],
    [widthMm + land, height, 0],
  ];
  return { profile: corners, depthMm: height };
}

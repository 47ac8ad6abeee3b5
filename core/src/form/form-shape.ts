import { distanceOf, type PlanePoint } from '../quantity/plane';
import { OutOfRange, atLeast, within } from '../quantity/out-of-range';
import { clockPinionSpace, clockTrain, clockWheelSpace, type ClockSpace } from '../gear/clock';
import { RACKS, gearCircles, moduleOfPitch, type Gear, type RackName } from '../gear/gear';
import { toothSpace } from '../gear/tooth-space';
import { piecesWithin } from '../profile/arc-fit';
import { boundsOf, directionOn, moved, piecesOf, reversed, type Profile } from '../profile/profile';
import type { ThreadForm } from '../setting/thread';
import type { RadiusKind } from './form-names';
import { chamferForm, radiusForm, threadSpace } from './simple-forms';

/** Data of a gear as a shop says them. */
export interface GearData {
  readonly system: 'module' | 'diametral-pitch';
  readonly size: number;
  readonly teeth: number;
  readonly rack: RackName;
  readonly shift: number;
}

/** What a form is begun from. */
export type FormSource =
  | {
      readonly kind: 'gear';
      readonly gear: GearData;
      /** Teeth that the form is drawn for. */
      readonly formTeeth: number;
    }
  | {
      readonly kind: 'clock';
      readonly ratio: number;
      readonly leaves: number;
      readonly centreMm: number;
      readonly part: 'wheel' | 'pinion';
    }
  | { readonly kind: 'thread'; readonly form: ThreadForm; readonly pitchMm: number }
  | {
      readonly kind: 'radius';
      readonly shape: RadiusKind;
      readonly radiusMm: number;
      readonly depthMm: number;
    }
  | { readonly kind: 'chamfer'; readonly widthMm: number; readonly angleDeg: number }
  | { readonly kind: 'corners'; readonly corners: Profile }
  | { readonly kind: 'points'; readonly points: readonly PlanePoint[]; readonly toleranceMm: number };

/** A form to be cut. */
export interface FormShape {
  /** Left to right, the tool above and its tip at height 0; x from the middle. */
  readonly profile: Profile;
  /** From the tip to the surface of the work, mm. */
  readonly depthMm: number;
  /** The gear that is wanted, and the one the form is drawn for. */
  readonly gear: { readonly wanted: Gear; readonly drawn: Gear } | null;
  readonly clock: ClockSpace | null;
  /** The blank that is divided and cut; null for a form that is none of a gear or wheel. */
  readonly blank: { readonly teeth: number; readonly outsideMm: number } | null;
  /** Points that the lines and arcs were laid through, and how near they stay to them, mm; 0 for an exact form. */
  readonly points: readonly PlanePoint[];
  readonly toleranceMm: number;
}

/** By this much of a module a cutter runs on beyond the tip circle. */
const RUN_ON_MODULES = 0.1;
/** More corners and points than these are no form to be typed or fitted. */
export const MOST_CORNERS = 400;
export const MOST_POINTS = 2000;
/** Points nearer than this are one, mm. */
const SAME_MM = 1e-7;

/** The gear of a shop's data. */
export const gearOf = ({ system, size, teeth, rack, shift }: GearData): Gear => ({
  moduleMm: system === 'module' ? size : moduleOfPitch(size),
  teeth,
  shift,
  rack: RACKS[rack],
});

/** A profile that runs on beyond both ends along its tangents. */
function runOn(profile: Profile, byMm: number): Profile {
  const pieces = piecesOf(profile);
  const [first, last] = [directionOn(pieces[0]!, 0), directionOn(pieces[pieces.length - 1]!, 1)];
  const [from, to] = [profile[0]!, profile[profile.length - 1]!];
  return [
    [from[0] - first[0] * byMm, from[1] - first[1] * byMm, 0],
    ...profile.slice(0, -1),
    [to[0], to[1], 0],
    [to[0] + last[0] * byMm, to[1] + last[1] * byMm, 0],
  ];
}

/** What a form has that is none of a gear and was not measured. */
const PLAIN = { gear: null, clock: null, blank: null, points: [], toleranceMm: 0 } as const;

/** A drawn or measured profile with its tip at height 0, left to right, the middle at x = 0. */
function settled(profile: Profile): FormShape {
  const ahead = profile[0]![0] <= profile[profile.length - 1]![0] ? profile : reversed(profile);
  const { left, right, low, high } = boundsOf(ahead);
  if (!(high - low > SAME_MM)) throw new OutOfRange('depth of the form', high - low, 0);
  return { profile: moved(ahead, -(left + right) / 2, -low), depthMm: high - low, ...PLAIN };
}

/**
 * A space about a gear's centre, moved onto the lowest point of the cutter: a root that is an arc about the
 * centre lies a little higher in the middle than at its corners.
 */
function onTip(space: Profile, tipRadiusMm: number, runOnMm: number): FormShape {
  const { low } = boundsOf(space);
  return { ...PLAIN, profile: moved(runOn(space, runOnMm), 0, -low), depthMm: tipRadiusMm - low };
}

function gearShape(data: GearData, formTeeth: number): FormShape {
  const wanted = gearOf(data);
  const drawn = { ...wanted, teeth: formTeeth };
  const blank = { teeth: wanted.teeth, outsideMm: 2 * gearCircles(wanted).ra };
  return {
    ...onTip(toothSpace(drawn).profile, gearCircles(drawn).ra, RUN_ON_MODULES * drawn.moduleMm),
    gear: { wanted, drawn },
    blank,
  };
}

function clockShape(source: Extract<FormSource, { kind: 'clock' }>): FormShape {
  const pair = clockTrain(source.ratio, source.leaves, source.centreMm);
  const space = source.part === 'wheel' ? clockWheelSpace(pair) : clockPinionSpace(pair);
  return {
    ...onTip(space.profile, space.outsideMm / 2, RUN_ON_MODULES * pair.moduleMm),
    clock: space,
    blank: { teeth: space.teeth, outsideMm: space.outsideMm },
  };
}

/** Points in order without doubles. */
function cleaned(points: readonly PlanePoint[]): readonly PlanePoint[] {
  within('number of points', points.length, 2, MOST_POINTS);
  return points.filter((point, i) => {
    const before = points[i - 1];
    return before === undefined || distanceOf(point, before) > SAME_MM;
  });
}

/**
 * The form of what it is begun from.
 * @throws OutOfRange with what cannot be
 */
export function shapeOf(source: FormSource): FormShape {
  switch (source.kind) {
    case 'gear':
      return gearShape(source.gear, source.formTeeth);
    case 'clock':
      return clockShape(source);
    case 'thread':
      return { ...threadSpace(source.form, source.pitchMm), ...PLAIN };
    case 'radius':
      return { ...radiusForm(source.shape, source.radiusMm, source.depthMm), ...PLAIN };
    case 'chamfer':
      return { ...chamferForm(source.widthMm, source.angleDeg), ...PLAIN };
    case 'corners':
      within('number of corners', atLeast('corners', source.corners, 2).length, 2, MOST_CORNERS);
      return settled(source.corners);
    case 'points': {
      const points = cleaned(source.points);
      const fitted = piecesWithin(points, source.toleranceMm);
      const { left, right, low } = boundsOf(fitted);
      const shifted = points.map(([x, y]): PlanePoint => [x - (left + right) / 2, y - low]);
      return { ...settled(fitted), points: shifted, toleranceMm: source.toleranceMm };
    }
  }
}

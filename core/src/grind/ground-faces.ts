import { apparentClearance, apparentRake } from '../bit/apparent-angle';
import { flankNormal, levelTrace, type LevelTrace } from '../bit/edge-trace';
import { heelRelief } from '../bit/heel-relief';
import { DEG } from '../quantity/angle';
import { cross, dot, minus, plus, times, unit, type Vector } from '../quantity/vector';
import type { HalfSpace } from '../solid/convex';
import type { Cylinder, SolidCut } from '../solid/solid-cut';
import type { BitPlan } from './bit-plan';
import type { CheckWith, GrindStep, Reading, StepKey, WheelWanted } from './grind-step';
import { sagitta } from './hollow';
import { axleIn, restSetting, type RestSetting } from './rest-setting';

/** A right-hand bit while its faces are laid out; a left-hand one is mirrored at the end. */
export interface Layout {
  readonly plan: BitPlan;
  /** Where the sharp nose is to come. */
  readonly nose: Vector;
}

const at = (deg: number): Vector => [Math.cos(deg * DEG), Math.sin(deg * DEG), 0];
const contactOf = ({ wheel }: BitPlan) => ({ wheelMm: wheel.diameterMm, heightMm: wheel.contactMm });

/** A plane through a point, keeping the steel behind it. */
const throughPoint = (normal: Vector, point: Vector): HalfSpace => ({ normal, offset: dot(normal, point) });

/** Reach that lets a grind run right across the blank. */
const whole = ({ blank }: BitPlan): number => blank.lengthMm;

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
  const widthMm = rake
    ? (plan.blank.widthMm + nose[1]) / Math.max(0.05, -toHeel[1])
    : (plan.blank.heightMm + nose[2]) / Math.max(0.05, -toHeel[2]);
  return { toHeel, widthMm };
}

/** The wheel's round through the nose and the heel of a face, or the end of its land. */
function wheelRound(
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

interface FaceWish {
  readonly key: StepKey;
  readonly normal: Vector;
  readonly through: Vector;
  readonly reachMm: number;
  readonly rollDeg: number;
  readonly readings: readonly Reading[];
  readonly wheel: WheelWanted;
  readonly check: CheckWith;
  /** Width that a second clearance leaves of it. */
  readonly landMm?: number | undefined;
  /** Finished flat, whatever the wheel. */
  readonly flat?: boolean;
}

/** A flat face, or the same hollow by the front of the wheel. */
function face({ plan }: Layout, wish: FaceWish): GrindStep {
  const { key, normal, through, reachMm, rollDeg, readings, wheel, check } = wish;
  const setting = restSetting(normal, rollDeg, contactOf(plan));
  const rounds =
    plan.wheel.hollow && !wish.flat ? [wheelRound(plan, through, normal, setting, wish.landMm)] : undefined;
  const cut: SolidCut = {
    by: key,
    keep: [throughPoint(normal, through)],
    reachMm: Math.min(reachMm, plan.blank.lengthMm),
    ...(rounds && { rounds }),
  };
  return { key, cut, normal, setting, swing: null, readings, wheel, check };
}

/** The major flank, held on its bottom with the side to the wheel. */
export const sideFlank = (
  layout: Layout,
  normal: Vector,
  {
    reachMm,
    wheel = 'coarse',
    key = 'side',
    through = layout.nose,
    landMm,
    check = 'protractor',
  }: {
    reachMm: number;
    wheel?: WheelWanted;
    key?: StepKey;
    through?: Vector;
    landMm?: number | undefined;
    check?: CheckWith;
  },
): GrindStep =>
  face(layout, {
    key,
    normal,
    through,
    reachMm,
    rollDeg: 0,
    landMm,
    wheel,
    check,
    readings: [{ plane: 'across-shank', deg: apparentClearance(normal, normal[1] < 0 ? -90 : 90) }],
  });

/** The minor flank, held on its bottom with the nose to the wheel. */
export const frontFlank = (
  layout: Layout,
  normal: Vector,
  {
    wheel = 'coarse',
    key = 'front',
    through = layout.nose,
    landMm,
    flat = false,
  }: {
    wheel?: WheelWanted;
    key?: StepKey;
    through?: Vector;
    landMm?: number | undefined;
    flat?: boolean;
  } = {},
): GrindStep =>
  face(layout, {
    key,
    normal,
    through,
    reachMm: whole(layout.plan),
    rollDeg: 0,
    landMm,
    flat,
    wheel,
    check: 'protractor',
    readings: [{ plane: 'along-shank', deg: apparentClearance(normal, 0) }],
  });

/** The top, held on the right side with the left edge up: a flat rest cannot go past about 30 to 40 degrees. */
export const rakeFace = (
  layout: Layout,
  normal: Vector,
  { reachMm, wheel = 'coarse', flat = false }: { reachMm: number; wheel?: WheelWanted; flat?: boolean },
): GrindStep =>
  face(layout, {
    flat,
    key: 'rake',
    normal,
    through: layout.nose,
    reachMm,
    rollDeg: 90,
    wheel,
    check: 'protractor',
    readings: [
      { plane: 'across-shank', deg: apparentRake(normal, 90) },
      { plane: 'along-shank', deg: apparentRake(normal, 0) },
    ],
  });

/** Second clearance under a flank that meets a top face. */
export function heelUnder(
  layout: Layout,
  key: StepKey,
  rake: Vector,
  flank: Vector,
  { reachMm, through = layout.nose }: { reachMm: number; through?: Vector },
): GrindStep | null {
  const { heel } = layout.plan;
  if (!heel) return null;
  const { normal, offsetMm } = heelRelief(rake, flank, heel.clearanceDeg, heel.landMm);
  const point = plus(through, times(normal, offsetMm));
  const isFront = normal[0] > 0.5;
  // A heel is only there to get out of the way: a flat stands for it, whatever the wheel.
  return face(layout, {
    flat: true,
    key,
    normal,
    through: point,
    reachMm,
    rollDeg: 0,
    wheel: 'coarse',
    check: 'protractor',
    readings: [
      isFront
        ? { plane: 'along-shank', deg: apparentClearance(normal, 0) }
        : { plane: 'across-shank', deg: apparentClearance(normal, normal[1] < 0 ? -90 : 90) },
    ],
  });
}

/** Flats that stand for an arc: within a micrometre or so of it. */
const ARC_STEP_DEG = 3;

/** Planes that keep what lies inside an arc from one trace to another, the bit swung on the rest. */
export function arcPlanes(
  centre: Vector,
  radiusMm: number,
  from: LevelTrace,
  to: LevelTrace,
): readonly HalfSpace[] {
  const steps = Math.max(2, Math.ceil(Math.abs(to.azimuthDeg - from.azimuthDeg) / ARC_STEP_DEG));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const share = i / steps;
    const azimuthDeg = from.azimuthDeg + share * (to.azimuthDeg - from.azimuthDeg);
    const tiltDeg = from.tiltDeg + share * (to.tiltDeg - from.tiltDeg);
    return throughPoint(flankNormal({ azimuthDeg, tiltDeg }), plus(centre, times(at(azimuthDeg), radiusMm)));
  });
}

/** Flats that stand for the rounding of a nose. */
const NOSE_FLATS = 16;

/**
 * Rounds the corner between two flanks by rolling it on a fine wheel or a stone. The planes turn
 * about the line in which the flanks meet, so that the rounding takes nothing off either of them.
 */
export function noseStep(
  { plan, nose }: Layout,
  major: Vector,
  minor: Vector,
  reachMm: number,
): GrindStep | null {
  const r = plan.noseRadiusMm;
  if (r <= 0) return null;
  const [from, to] = [levelTrace(minor), levelTrace(major)];
  // The centre lies r behind both level traces through the nose.
  const half = ((to.azimuthDeg - from.azimuthDeg) / 2) * DEG;
  const middle = (to.azimuthDeg + from.azimuthDeg) / 2;
  const centre = minus(nose, times(at(middle), r / Math.cos(half)));
  const keep = Array.from({ length: NOSE_FLATS - 1 }, (_, i) => {
    const share = (i + 1) / NOSE_FLATS;
    const normal = unit(plus(times(minor, 1 - share), times(major, share)));
    return throughPoint(normal, plus(centre, times(unit([normal[0], normal[1], 0]), r)));
  });
  return {
    key: 'nose',
    cut: { by: 'nose', keep, reachMm },
    normal: null,
    setting: null,
    swing: {
      fromDeg: from.azimuthDeg,
      toDeg: to.azimuthDeg,
      tiltDeg: (from.tiltDeg + to.tiltDeg) / 2 - restLean(plan),
    },
    readings: [],
    wheel: 'fine',
    check: 'radius-gauge',
  };
}

/** What the wheel leans at the contact, degrees. */
export const restLean = (plan: BitPlan): number =>
  Math.asin((2 * plan.wheel.contactMm) / plan.wheel.diameterMm) / DEG;

/** A chip breaker behind the main edge, by a stone or the corner of a wheel. */
export function grooveStep({ plan, nose }: Layout, rake: Vector, major: Vector): GrindStep | null {
  const { groove } = plan;
  if (!groove) return null;
  const crossed = cross(rake, major);
  const edge = unit(crossed[0] < 0 ? crossed : times(crossed, -1));
  const inwardRaw = cross(edge, rake);
  const inward = dot(inwardRaw, major) < 0 ? inwardRaw : times(inwardRaw, -1);
  const height = Math.sqrt(groove.radiusMm ** 2 - groove.widthMm ** 2 / 4);
  const middle = plus(nose, times(inward, groove.landMm + groove.widthMm / 2));
  return {
    key: 'groove',
    cut: {
      by: 'groove',
      keep: [],
      reachMm: plan.sizes.edgeMm,
      rounds: [
        {
          through: plus(middle, times(rake, height)),
          axis: edge,
          towards: times(rake, -1),
          radiusMm: groove.radiusMm,
        },
      ],
    },
    normal: null,
    setting: null,
    swing: null,
    readings: [],
    wheel: 'round',
    check: 'lens',
  };
}

export const HONE: GrindStep = {
  key: 'hone',
  cut: null,
  normal: null,
  setting: null,
  swing: null,
  readings: [],
  wheel: 'stone',
  check: 'lens',
};

import { apparentClearance, apparentRake } from '../bit/apparent-angle';
import { heelRelief } from '../bit/heel-relief';
import { plus, times, type Vector } from '../quantity/vector';
import type { SolidCut } from '../solid/solid-cut';
import type { BitPlan } from './bit-plan';
import type { CheckWith, GrindStep, Reading, StepKey, WheelWanted } from './grind-step';
import { contactOf, throughPoint, type Layout } from './layout';
import { restSetting } from './rest-setting';
import { wheelRound } from './wheel-round';

/** Reach that lets a grind run right across the blank. */
const whole = ({ blank }: BitPlan): number => blank.lengthMm;

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

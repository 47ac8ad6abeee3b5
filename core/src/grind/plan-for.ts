import type { Hand } from '../bit/bit-angles';
import type { Blank } from '../solid/solid-cut';
import type { BitPlan, BitShape, GrindWheel } from './bit-plan';
import { anglesForMetal } from './metal-angles';
import { usualNoseDown } from './nose-down';
import { SHAPES } from './shape/registry';

/** One general shape for nearly everything, or angles for each metal. */
export type BitSchool = 'general' | 'per-metal';

export interface BitWish {
  readonly shape: BitShape;
  readonly hand: Hand;
  readonly blank: Blank;
  readonly wheel: GrindWheel;
  readonly school: BitSchool;
  /** Metal of the library; null for any. */
  readonly materialKey: string | null;
}

/**
 * A bit to begin with: the angles of the metal where the shop grinds per metal, else those of the
 * one general shape.
 */
export function bitPlanFor({ shape, hand, blank, wheel, school, materialKey }: BitWish): BitPlan {
  const metal = school === 'per-metal' && materialKey !== null ? anglesForMetal(materialKey) : null;
  const plan = { shape, hand, blank, wheel, groove: null, ...SHAPES[shape].start(metal, blank.widthMm) };
  return { ...plan, noseDownMm: usualNoseDown(plan) };
}

/** Whether the one general bit is a poor choice for a metal: leaded brass, pure copper, plastics. */
export const generalIsPoor = (materialKey: string | null): boolean =>
  materialKey !== null && anglesForMetal(materialKey)?.generalServes === false;

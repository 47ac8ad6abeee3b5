import { dot, type Vector } from '../quantity/vector';
import type { HalfSpace } from '../solid/convex';
import type { BitPlan } from './bit-plan';

/** A right-hand bit while its faces are laid out; a left-hand one is mirrored at the end. */
export interface Layout {
  readonly plan: BitPlan;
  /** Where the sharp nose is to come. */
  readonly nose: Vector;
}

/** A plane through a point, keeping the steel behind it. */
export const throughPoint = (normal: Vector, point: Vector): HalfSpace => ({
  normal,
  offset: dot(normal, point),
});

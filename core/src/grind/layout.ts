import { dot, type Vector } from '../quantity/vector';
import type { HalfSpace } from '../solid/convex';
import type { BitPlan } from './bit-plan';
import { wheelLeanDeg, type WheelContact } from './rest-setting';

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

/** Where the wheel of a bit touches it. */
export const contactOf = ({ wheel }: Pick<BitPlan, 'wheel'>): WheelContact => ({
  wheelMm: wheel.diameterMm,
  heightMm: wheel.contactMm,
});

/** What the wheel leans at the contact, degrees. */
export const restLean = (plan: BitPlan): number => wheelLeanDeg(contactOf(plan));

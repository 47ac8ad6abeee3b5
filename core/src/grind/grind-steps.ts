import { mirrored } from '../quantity/vector';
import type { Blank, Facet, SolidCut } from '../solid/solid-cut';
import type { BitPlan } from './bit-plan';
import type { GrindStep } from './grind-step';
import { SHAPES } from './shape/registry';

/** The steps of a right-hand bit: its cuts are always made so, a left-hand bit is mirrored after. */
const rightHandSteps = (plan: BitPlan): readonly GrindStep[] => {
  const facts = SHAPES[plan.shape];
  return facts.faces({ plan, nose: facts.nose(plan) }).filter((step) => step !== null);
};

/** The step of the other hand: turn and roll change their sign, the tilt stays. */
const otherHand = (step: GrindStep): GrindStep => ({
  ...step,
  normal: step.normal && mirrored(step.normal),
  setting: step.setting && {
    turnDeg: -step.setting.turnDeg,
    tiltDeg: step.setting.tiltDeg,
    rollDeg: -step.setting.rollDeg,
  },
  swing: step.swing && {
    fromDeg: -step.swing.toDeg,
    toDeg: -step.swing.fromDeg,
    tiltDeg: step.swing.tiltDeg,
  },
});

/**
 * What is ground on a bit, face by face, in order: how to hold it, what a protractor must read.
 * @throws OutOfRange when no bit can have its angles
 */
export const grindSteps = (plan: BitPlan): readonly GrindStep[] =>
  rightHandSteps(plan).map((step) => (plan.hand === 'right' ? step : otherHand(step)));

/** Blank and cuts for the solid, of the right-hand bit. */
export const solidOf = (plan: BitPlan): { readonly blank: Blank; readonly cuts: readonly SolidCut[] } => ({
  blank: plan.blank,
  cuts: rightHandSteps(plan).flatMap(({ cut }) => cut ?? []),
});

/** Facets of the bit of the other hand: mirrored, their corners the other way round. */
export const mirroredFacets = (facets: readonly Facet[]): readonly Facet[] =>
  facets.map(({ corners, normal, by, sharp }) => ({
    corners: [...corners].reverse().map(mirrored),
    normal: mirrored(normal),
    by,
    // The side from a corner to the next becomes the side from the next to it.
    sharp: [...sharp.slice(0, -1).reverse(), sharp.at(-1)!],
  }));

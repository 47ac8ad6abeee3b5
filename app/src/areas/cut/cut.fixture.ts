import { cutPlan, DEFAULT_RULES, type CutSetup, type Machine } from '@pike-stone/core';
import { BELT_LATHE, HAND_MILL, setup } from '@pike-stone/core/fixture';
import type { Cut } from './useCut';

const steps = (rpm: readonly number[]) => rpm.map((value, i) => ({ rpm: value, setting: `Belt ${i + 1}` }));
const motor = { powerKw: 0.75, phases: 1, efficiency: 0.75 } as const;
const wheel = { travelPerTurnMm: 5, divisions: 100 };
const dial = { ...wheel, reads: 'radius' as const, backlashMm: 0.1 };

/** A lathe and a mill for the tests of the pages of Cut. */
export const LATHE: Machine = {
  ...BELT_LATHE,
  kind: 'lathe',
  name: 'Lathe',
  condition: 'ordinary',
  motor,
  speeds: steps([60, 120, 250, 500, 1000]),
  feeds: [0.05, 0.08, 0.12, 0.2, 0.3].map((value, i) => ({ value, setting: `Lever ${i + 1}` })),
  crossFeedRatio: 0.5,
  carriageWheel: wheel,
  crossSlide: dial,
  compoundSlide: dial,
  tailstockWheel: wheel,
};
export const MILL: Machine = {
  ...HAND_MILL,
  kind: 'vertical-mill',
  name: 'Mill',
  motor,
  speeds: steps([100, 300, 700, 1500]),
  tableWheel: wheel,
  kneeDial: dial,
  quillWheel: wheel,
};

/** A set-up with a 40 mm bar on the lathe, or another operation with a tool that fits it. */
export const cutSetup = (more: Partial<CutSetup> = {}): CutSetup =>
  setup({
    machine: LATHE,
    stock: { name: 'Bar', materialKey: 'medium-carbon', uncertain: false, skinMm: 0 },
    workDiameterMm: 40,
    stickOutMm: 60,
    ...more,
  });

/** A cut as pages receive it from `useCut`. Changes are passed to `change`. */
export function cutOf(more: Partial<CutSetup> = {}, change: Cut['change'] = () => undefined): Cut {
  const made = cutSetup(more);
  return {
    setup: made,
    plan: cutPlan(made, DEFAULT_RULES),
    rules: DEFAULT_RULES,
    choice: { machineId: 'machine', feedByHand: made.feedByHand } as Cut['choice'],
    change,
    trial: () => made,
  };
}

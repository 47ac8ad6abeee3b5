import { cutPlan, DEFAULT_RULES, OPERATIONS, type CutSetup, type Machine, type Tool } from '@pike-stone/core';
import type { Cut } from './useCut';

const wheel = { travelPerTurnMm: 5, divisions: 100 };
const dial = { ...wheel, reads: 'radius' as const, backlashMm: 0.1 };
const steps = (rpm: readonly number[]) => rpm.map((value, i) => ({ rpm: value, setting: `Belt ${i + 1}` }));
const motor = { powerKw: 0.75, phases: 1, efficiency: 0.75 } as const;

/** A lathe, a mill and whatever is cut on them, for the tests of the pages of Cut. */
export const LATHE: Machine = {
  kind: 'lathe',
  name: 'Lathe',
  condition: 'ordinary',
  light: false,
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
  kind: 'vertical-mill',
  name: 'Mill',
  condition: 'ordinary',
  light: false,
  motor,
  speeds: steps([100, 300, 700, 1500]),
  feeds: [],
  tableWheel: wheel,
  kneeDial: dial,
  quillWheel: wheel,
};

export const TOOL: Tool = {
  name: 'Tool',
  kind: 'turning-tool',
  material: 'hss',
  dull: false,
  diameterMm: 12,
  teeth: 4,
  fluteLengthMm: 26,
  noseRadiusMm: 0.4,
  approachDeg: 90,
  cornerDeg: 80,
};

export const cutSetup = (more: Partial<CutSetup> = {}): CutSetup => ({
  machine: LATHE,
  operation: 'turn',
  stock: { name: 'Bar', materialKey: 'medium-carbon', uncertain: false, skinMm: 0 },
  tool: { ...TOOL, kind: OPERATIONS[more.operation ?? 'turn'].tool },
  workDiameterMm: 40,
  stickOutMm: 60,
  support: 'chuck',
  fluid: 'brush',
  interrupted: false,
  firstPassOnSkin: false,
  depthMm: null,
  widthMm: null,
  rpmByHand: null,
  feedByHand: null,
  ...more,
});

/** A cut as the pages get it; what is changed is handed to `change`. */
export function cutOf(more: Partial<CutSetup> = {}, change: Cut['change'] = () => undefined): Cut {
  const setup = cutSetup(more);
  return {
    setup,
    plan: cutPlan(setup, DEFAULT_RULES),
    rules: DEFAULT_RULES,
    choice: { machineId: 'machine', feedByHand: setup.feedByHand } as Cut['choice'],
    change,
  };
}

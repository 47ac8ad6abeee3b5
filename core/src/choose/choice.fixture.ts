import { BELT_LATHE, INSERT, MOTOR, TOOLS } from '../fixture';
import type { Machine } from '../machine/machine';
import type { CutSetup } from '../operation/registry';
import { DEFAULT_RULES } from '../plan/rules';
import type { Tool } from '../tool/tool';
import type { ChoiceInputs } from './choice-inputs';
import { jobChoice } from './job-choice';
import { USUAL_WANTS, type JobWants } from './job-wants';

/** A medium steel shaft on an ordinary lathe, both tools in the drawer: nothing speaks strongly. */
export const INPUTS: ChoiceInputs = {
  reachableMPerMin: 120,
  carbideLowMPerMin: 120,
  powerAvailableKw: 0.75,
  powerNeededKw: 0.75,
  stiffness: 0.5,
  hardnessHb: 225,
  depthMm: 1,
  noseRadiusMm: 0.4,
  edgeRadiusUm: 30,
  feedMm: 0.06,
  interruption: 0,
  specialForm: false,
  parts: 10,
  hssCostPerPart: 1,
  carbideCostPerPart: 1,
  finishRaUm: 3.2,
  handFeed: false,
  chip: 'medium',
  breakerInRange: true,
  gummy: false,
  insert: 'coated',
  abrasive: false,
  hotAlloy: false,
  carbideInDrawer: true,
  hssInDrawer: true,
};

export const KNIFE = TOOLS['turning-tool'];
export const POLISHED = {
  ...INSERT,
  name: 'Polished',
  material: 'carbide-uncoated',
  noseRadiusMm: 0.4,
} as const;
/** A stiff geared lathe that reaches carbide's speeds. */
export const GEARED_LATHE: Machine = {
  ...BELT_LATHE,
  name: 'Geared lathe',
  condition: 'rigid',
  motor: { powerKw: 3, phases: 3, efficiency: 0.75 },
  speeds: [63, 125, 250, 500, 1000, 1800].map((rpm) => ({ rpm, setting: `${rpm}` })),
};
/** The belt lathe before it wore. */
export const ORDINARY_LATHE: Machine = {
  ...BELT_LATHE,
  name: 'Ordinary lathe',
  condition: 'ordinary',
  motor: MOTOR,
};
export const OLD_LATHE: Machine = { ...BELT_LATHE, motor: { ...MOTOR, powerKw: 0.37 } };

/** A set-up weighed with the tools of a drawer. */
export const choose = (cut: CutSetup, tools: readonly Tool[], wants: Partial<JobWants> = {}) =>
  jobChoice(
    cut,
    { ...USUAL_WANTS, ...wants },
    tools.map((body, id) => ({ id, body })),
    DEFAULT_RULES,
  );
export const BOTH = [KNIFE, INSERT];

import type { CutPlan, DepthStart } from '../operation/cut-plan';

/** Limits that the machine's power sets, where the cut was eased to it: null where it was not. */
export interface Within {
  readonly rpm: number | null;
  readonly feedMmRev: number | null;
}

/** The plan of a set-up from a starting depth and width, within limits of the machine. */
export type PlanAt = (from: DepthStart, within?: Within) => CutPlan;

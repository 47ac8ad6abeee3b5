import { unlessRefused } from '@pike-stone/core';
import { grindSteps, type BitPlan, type StepKey } from '@pike-stone/core/grind';

/** Names of the steps of a bit, in order; none for one that cannot be. */
export const grindStepKeys = (plan: BitPlan): readonly StepKey[] =>
  unlessRefused(() => grindSteps(plan).map(({ key }) => key), []);

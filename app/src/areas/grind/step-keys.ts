import { OutOfRange } from '@pike-stone/core';
import { grindSteps, type BitPlan, type StepKey } from '@pike-stone/core/grind';

/** Names of the steps of a bit, in order; none for one that cannot be. */
export function grindStepKeys(plan: BitPlan): readonly StepKey[] {
  try {
    return grindSteps(plan).map(({ key }) => key);
  } catch (error) {
    if (error instanceof OutOfRange) return [];
    throw error;
  }
}

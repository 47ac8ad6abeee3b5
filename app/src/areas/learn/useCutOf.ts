import type { CutChoice } from '@pike-stone/contract';
import { DEFAULT_RULES, type CutPlan, type CutSetup, type ShopRules } from '@pike-stone/core';
import { useMemo } from 'react';
import { useLearned } from '../../data/learned';
import { useMetals } from '../../data/metals';
import { useRecords } from '../../data/records';
import { useRules } from '../../data/rules';
import { plannedCut, setupOf } from '../cut/planned-cut';

export interface CutOf {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly rules: ShopRules;
}

/** A cut that a record names, with its plan; null while its records are loading, or when it cannot be any more. */
export function useCutOf(choice: CutChoice | null): CutOf | null {
  const { records: machines } = useRecords('machines');
  const { records: stock } = useRecords('stock');
  const { records: tools } = useRecords('tools');
  const metals = useMetals();
  const learned = useLearned();
  const { rules = DEFAULT_RULES } = useRules();
  return useMemo(() => {
    // A piece may be of a metal of the shop's own: before those are here, it has none.
    const setup =
      choice && !metals.loading && setupOf(choice, { machines, stock, tools }, metals.own, learned);
    if (!setup) return null;
    const planned = plannedCut(setup, rules);
    return 'plan' in planned ? { setup, plan: planned.plan, rules } : null;
  }, [choice, machines, stock, tools, metals, learned, rules]);
}

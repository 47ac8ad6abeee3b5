import { DEFAULT_RULES, cutPlan, type CutPlan, type CutSetup, type ShopRules } from '@pike-stone/core';
import { toSetup, type CutChoice } from '@pike-stone/contract';
import { useMemo } from 'react';
import { useMetals } from '../../data/metals';
import { useRecords } from '../../data/records';
import { useRules } from '../../data/rules';
import { changed, firstDraft, standing, useDraft } from './draft';

export interface Cut {
  readonly choice: CutChoice;
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly rules: ShopRules;
  readonly change: (change: Partial<CutChoice>) => void;
}

/** The cut that is set up, with its plan; null while records are loading or one is missing. */
export function useCut() {
  const machines = useRecords('machines');
  const stock = useRecords('stock');
  const tools = useRecords('tools');
  const metals = useMetals();
  const { rules = DEFAULT_RULES } = useRules();
  const { draft, set } = useDraft();
  const drawer = useMemo(
    () => ({ machines: machines.records, stock: stock.records, tools: tools.records }),
    [machines.records, stock.records, tools.records],
  );
  const loading = machines.loading || stock.loading || tools.loading || metals.loading;

  // A draft that names a record this shop does not have is kept, but another cut is shown.
  const choice = useMemo(
    () => (loading ? null : ((draft && standing(draft, drawer)) ?? firstDraft(drawer))),
    [loading, draft, drawer],
  );

  const cut = useMemo((): Cut | null => {
    const machine = drawer.machines.find((one) => one.id === choice?.machineId)?.body;
    const piece = drawer.stock.find((one) => one.id === choice?.stockId)?.body;
    const tool = drawer.tools.find((one) => one.id === choice?.toolId)?.body;
    if (!choice || !machine || !piece || !tool) return null;
    const setup = toSetup(choice, machine, piece, tool, metals.own(piece.metal));
    return {
      choice,
      setup,
      plan: cutPlan(setup, rules),
      rules,
      change: (change) => {
        const now = useDraft.getState().draft;
        set(changed((now && standing(now, drawer)) ?? choice, change, drawer));
      },
    };
  }, [choice, rules, drawer, metals, set]);

  return { cut, drawer, metals, loading, error: machines.error ?? stock.error ?? tools.error };
}

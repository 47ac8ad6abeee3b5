import { DEFAULT_RULES, cutPlan, type CutPlan, type CutSetup, type ShopRules } from '@pike-stone/core';
import { toSetup, type CutChoice } from '@pike-stone/contract';
import { useEffect, useMemo } from 'react';
import { useMetals } from '../../data/metals';
import { useRecords } from '../../data/records';
import { useRules } from '../../data/rules';
import { canCut, changed, firstDraft, useDraft } from './draft';

export interface Cut {
  readonly choice: CutChoice;
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly rules: ShopRules;
  readonly change: (change: Partial<CutChoice>) => void;
}

/** The cut on the bench, planned; null while the drawer is loading or lacks something. */
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

  const parts = useMemo(() => {
    if (!draft) return null;
    const machine = drawer.machines.filter(canCut).find((one) => one.id === draft.machineId)?.body;
    const piece = drawer.stock.find((one) => one.id === draft.stockId)?.body;
    const tool = drawer.tools.find((one) => one.id === draft.toolId)?.body;
    // A piece of one of the shop's own metals waits for that metal: never a start from another row's values.
    if (!machine || !piece || !tool || metals.loading) return null;
    return { machine, piece, tool, metal: metals.own(piece.metal) };
  }, [draft, drawer, metals]);

  // A draft that names something this shop does not have starts afresh.
  useEffect(() => {
    // The address may have set one since this was drawn: that one is looked at next.
    if (loading || parts || useDraft.getState().draft !== draft) return;
    const first = firstDraft(drawer);
    if (first) set(first);
  }, [loading, parts, draft, drawer, set]);

  const cut = useMemo((): Cut | null => {
    if (!draft || !parts) return null;
    const setup = toSetup(draft, parts.machine, parts.piece, parts.tool, parts.metal);
    return {
      choice: draft,
      setup,
      plan: cutPlan(setup, rules),
      rules,
      change: (change) => set(changed(useDraft.getState().draft ?? draft, change, drawer)),
    };
  }, [draft, parts, rules, drawer, set]);

  return {
    cut,
    drawer,
    metals,
    loading: loading || (!parts && firstDraft(drawer) !== null),
    error: machines.error ?? stock.error ?? tools.error,
  };
}

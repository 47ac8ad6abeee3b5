import { DEFAULT_RULES, type CutPlan, type CutSetup, type Misfit, type ShopRules } from '@pike-stone/core';
import type { CutChoice } from '@pike-stone/contract';
import { createContext, useContext, useMemo } from 'react';
import { useLearned } from '../../data/learned';
import { useMetals } from '../../data/metals';
import { useRecords } from '../../data/records';
import { useRules } from '../../data/rules';
import { useQuick, withQuick } from './quick/quick-store';
import { useDraft } from './draft';
import { plannedCut, setupOf } from './planned-cut';
import { changed, firstDraft, standing } from './set-up';

/** A set-up whose records are all there, and how it is changed. */
export interface SetUp {
  readonly choice: CutChoice;
  readonly setup: CutSetup;
  readonly rules: ShopRules;
  readonly change: (change: Partial<CutChoice>) => void;
  /** The set-up as it would be with a change, which is not made. */
  readonly trial: (change: Partial<CutChoice>) => CutSetup;
}
export interface Cut extends SetUp {
  readonly plan: CutPlan;
}
/** What a panel that changes one figure needs of a cut; one that cannot be has no plan. */
export type Editing = Pick<SetUp, 'choice' | 'setup' | 'change' | 'trial'> & {
  readonly plan: CutPlan | null;
};
/** A set-up that cannot be, with what does not go together. */
export interface RefusedCut extends SetUp {
  readonly misfits: readonly Misfit[];
}

/** True for pages whose address asks for another set-up: until that is taken, they show none. */
export const SetUpComes = createContext(false);

/** What is chosen for the cut, with the drawer it is chosen from; null while records are loading or one is missing. */
export function useSetUpChoice() {
  const machines = useRecords('machines');
  const stock = useRecords('stock');
  const tools = useRecords('tools');
  const metals = useMetals();
  const draft = useDraft((state) => state.draft);
  const quick = useQuick();
  const comes = useContext(SetUpComes);
  const drawer = useMemo(
    () => ({
      machines: machines.records,
      stock: withQuick(stock.records, quick.stock),
      tools: withQuick(tools.records, quick.tool),
    }),
    [machines.records, stock.records, tools.records, quick.stock, quick.tool],
  );
  const loading = comes || machines.loading || stock.loading || tools.loading || metals.loading;

  // A draft that names a record this shop does not have is kept, but another cut is shown.
  const choice = useMemo(
    () => (loading ? null : ((draft && standing(draft, drawer)) ?? firstDraft(drawer))),
    [loading, draft, drawer],
  );
  return { choice, drawer, metals, loading, error: machines.error ?? stock.error ?? tools.error };
}

/** The cut that is set up, with its plan; null while records are loading or one is missing, or when it cannot be. */
export function useCut() {
  const { choice, drawer, metals, loading, error } = useSetUpChoice();
  const { rules = DEFAULT_RULES } = useRules();
  const set = useDraft((state) => state.set);
  const learned = useLearned();

  const made = useMemo((): SetUp | null => {
    if (!choice) return null;
    const setup = setupOf(choice, drawer, metals.own, learned);
    if (!setup) return null;
    return {
      choice,
      setup,
      rules,
      trial: (change) => setupOf(changed(choice, change, drawer), drawer, metals.own, learned) ?? setup,
      change: (change) => {
        // What was picked without an entry a moment ago is there already, though this page is not drawn with it yet.
        const { stock: piece, tool } = useQuick.getState();
        const known = {
          ...drawer,
          stock: withQuick(drawer.stock, piece),
          tools: withQuick(drawer.tools, tool),
        };
        const now = useDraft.getState().draft;
        set(changed((now && standing(now, known)) ?? choice, change, known));
      },
    };
  }, [choice, rules, drawer, metals, learned, set]);

  const { cut, refused } = useMemo((): { cut: Cut | null; refused: RefusedCut | null } => {
    if (!made) return { cut: null, refused: null };
    const planned = plannedCut(made.setup, rules);
    return 'plan' in planned
      ? { cut: { ...made, plan: planned.plan }, refused: null }
      : { cut: null, refused: { ...made, misfits: planned.misfits } };
  }, [made, rules]);

  return { cut, refused, drawer, metals, loading, error };
}

import type { CutChoice } from '@pike-stone/contract';
import { create } from 'zustand';
import { keptHere } from '../../sync/kept-here';

interface DraftState {
  readonly draft: CutChoice | null;
  /** Address that Cut has written or read last. */
  readonly shown: string | null;
  set(draft: CutChoice): void;
  show(address: string): void;
}

/** The cut that is being set up. It survives a reload and a closed tab. */
export const useDraft = create<DraftState>()(
  keptHere(
    (set) => ({ draft: null, shown: null, set: (draft) => set({ draft }), show: (shown) => set({ shown }) }),
    { name: 'pike-cut-draft' },
  ),
);

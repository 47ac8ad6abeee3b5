import { USUAL_WANTS, type JobWants } from '@pike-stone/core/choose';
import { create } from 'zustand';
import { keptHere } from '../../sync/kept-here';

interface WantsState {
  readonly wants: JobWants;
  want(change: Partial<JobWants>): void;
}

/** What the job asks beside its cut: how many, how fine, how exact. It survives a reload and a closed tab. */
export const useWants = create<WantsState>()(
  keptHere(
    (set) => ({
      wants: USUAL_WANTS,
      want: (change) => set(({ wants }) => ({ wants: { ...wants, ...change } })),
    }),
    { name: 'pike-job-wants' },
  ),
);

import type { CutBody } from '@pike-stone/contract';
import type { SignKey, Verdicts } from '@pike-stone/core/learn';
import { create } from 'zustand';
import { newId } from '../../../data/records';
import { keptHere } from '../../../sync/kept-here';

/** What is written of a cut until it is put in the book; it survives a reload. */
interface LogEntry {
  /** Id that the cut will have: its photo is kept under it already. */
  readonly id: string;
  readonly outcome: CutBody['outcome'] | null;
  readonly remark: string;
  readonly signs: readonly SignKey[];
  /** Better than the trial before, worse or the same; empty while nothing was said. */
  readonly against: '' | 'better' | 'same' | 'worse';
  readonly photo: boolean;
  /** What a person says of speed and feed, in place of what the signs say. */
  readonly said: Partial<Verdicts>;
}
interface LogDraft extends LogEntry {
  set(part: Partial<LogEntry>): void;
  clear(): void;
}

const fresh = (): LogEntry => ({
  id: newId(),
  outcome: null,
  remark: '',
  signs: [],
  against: '',
  photo: false,
  said: {},
});

export const useLogDraft = create<LogDraft>()(
  keptHere((set) => ({ ...fresh(), set: (part) => set(part), clear: () => set(fresh()) }), {
    name: 'pike-cut-taken',
  }),
);

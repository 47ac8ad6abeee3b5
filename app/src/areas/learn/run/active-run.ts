import type { CutChoice } from '@pike-stone/contract';
import type { Parameter, Setting } from '@pike-stone/core/learn';
import { create } from 'zustand';
import { keptHere } from '../../../sync/kept-here';

interface ActiveRun {
  /** The run whose next trial is at the machine; null while there is none. */
  readonly runId: string | null;
  /** What was changed for the next trial, with the values that are to be set. */
  readonly changed: Parameter | null;
  readonly setting: Setting | null;
  set(part: Partial<Pick<ActiveRun, 'runId' | 'changed' | 'setting'>>): void;
}

/** The run that this device works on. It survives a reload. */
export const useActiveRun = create<ActiveRun>()(
  keptHere((set) => ({ runId: null, changed: null, setting: null, set: (part) => set(part) }), {
    name: 'pike-run',
  }),
);

/** Whether a cut is a trial of a run: on the same machine, piece and tool, and the same operation. */
export const isOfRun = (run: CutChoice, cut: CutChoice): boolean =>
  (['machineId', 'stockId', 'toolId', 'operation'] as const).every((key) => run[key] === cut[key]);

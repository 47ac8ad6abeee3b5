import type { Remote } from 'comlink';
import type { CutWork } from './cut.worker';
import { useAnswer, workerFrom, type Worked } from './worked';

/** The worker for sweeps and comparisons, which take many plans. */
const cutWork = workerFrom<CutWork>(() => new Worker(new URL('./cut.worker', window.location.href)));

export const useCutWork = <Question, Answer>(
  question: Question | null,
  ask: (work: Remote<CutWork>, question: Question) => Promise<Answer>,
): Worked<Answer> => useAnswer(question, (asked) => ask(cutWork(), asked));

import type { Remote } from 'comlink';
import type { MachineWork } from './machine.worker';
import { useAnswer, workerFrom, type Worked } from './worked';

/** The worker for a machine's drive. */
const machineWork = workerFrom<MachineWork>(
  () => new Worker(new URL('./machine.worker', window.location.href)),
);

export const useWorked = <Question, Answer>(
  question: Question | null,
  ask: (work: Remote<MachineWork>, question: Question) => Promise<Answer>,
): Worked<Answer> => useAnswer(question, (asked) => ask(machineWork(), asked));

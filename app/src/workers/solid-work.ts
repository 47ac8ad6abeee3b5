import type { BitPlan, Facet } from '@pike-stone/core/grind';
import type { EndMillJob } from '@pike-stone/core/wheel';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { EndTeethAnswer, FormQuestion, FormSpaceAnswer, SolidAnswer, SolidWork } from './solid-pieces';
import { useAnswer, workerOnAsk } from './worked';

/** Only who grinds loads the solid library. */
const inWorker = workerOnAsk<SolidWork>(() => new Worker(new URL('./solid.worker', window.location.href)));

export interface WorkedSolid<Answer> {
  readonly answer: Answer | null;
  /** Share of the grinds that are done; null when nothing runs. */
  readonly share: number | null;
  readonly fault: string | null;
  readonly stop: () => void;
}
export type GrindingSolid = WorkedSolid<SolidAnswer>;

/** A solid, cut again whenever the question changes; the last one stays until the next is there. */
function useCutting<Question, Answer>(
  question: Question | null,
  ask: (question: Question, onShare: (share: number) => void) => Promise<Answer | null>,
): WorkedSolid<Answer> {
  const [state, setState] = useState<Omit<WorkedSolid<Answer>, 'stop'>>({
    answer: null,
    share: null,
    fault: null,
  });
  const key = JSON.stringify(question);
  useEffect(() => {
    const asked = JSON.parse(key) as Question | null;
    if (asked === null) return;
    let old = false;
    const onShare = (share: number) => {
      if (!old) setState((now) => ({ ...now, share }));
    };
    setState(({ answer }) => ({ answer, share: 0, fault: null }));
    ask(asked, onShare).then(
      (answer) => {
        if (!old && answer) setState({ answer, share: null, fault: null });
      },
      (error: unknown) => {
        const fault = error instanceof Error ? error.message : String(error);
        if (!old) setState({ answer: null, share: null, fault });
      },
    );
    return () => {
      old = true;
    };
  }, [key, ask]);
  const stop = () => {
    void inWorker().stop();
    setState((now) => ({ ...now, share: null }));
  };
  return { ...state, stop };
}

const askBit = (plan: BitPlan, onShare: (share: number) => void) => inWorker().ground(plan, proxy(onShare));
const askEnd = (job: EndMillJob, onShare: (share: number) => void) =>
  inWorker().endTeeth(job, proxy(onShare));

const askSpace = (question: FormQuestion, onShare: (share: number) => void) =>
  inWorker().formSpace(question, proxy(onShare));

/** The solid of a bit. */
export const useSolid = (plan: BitPlan | null): GrindingSolid => useCutting(plan, askBit);

/** The end of a cutter as it is sharpened. */
export const useEndTeeth = (job: EndMillJob | null): WorkedSolid<EndTeethAnswer> => useCutting(job, askEnd);

/** A form cutter tried on a blank. */
export const useFormSpace = (question: FormQuestion | null): WorkedSolid<FormSpaceAnswer> =>
  useCutting(question, askSpace);

/** The bit after its first cuts alone; null until it is there. */
export function usePartlyGround(plan: BitPlan, upTo: number): readonly Facet[] | null {
  const { answer } = useAnswer({ plan, upTo }, (asked) => inWorker().after(asked.plan, asked.upTo));
  return answer;
}

/** The bit as an STL file; null when it was given up. */
export const stlFile = (plan: BitPlan, title: string): Promise<Uint8Array<ArrayBuffer> | null> =>
  inWorker().stl(plan, title);

/** The tooth of a form cutter as an STL file. */
export const formStl = (question: FormQuestion, title: string): Promise<Uint8Array<ArrayBuffer>> =>
  inWorker().formStl(question, title);

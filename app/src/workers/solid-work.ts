import type { BitPlan, Facet } from '@pike-stone/core/grind';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { SolidAnswer, SolidWork } from './solid-pieces';
import { useAnswer, workerOnAsk } from './worked';

/** Only who grinds loads the solid library. */
const inWorker = workerOnAsk<SolidWork>(() => new Worker(new URL('./solid.worker', window.location.href)));

export interface GrindingSolid {
  readonly answer: SolidAnswer | null;
  /** Share of the grinds that are done; null when nothing runs. */
  readonly share: number | null;
  readonly fault: string | null;
  readonly stop: () => void;
}

/** The solid of a bit, cut again whenever the plan changes; the last one stays until the next is there. */
export function useSolid(plan: BitPlan | null): GrindingSolid {
  const [state, setState] = useState<Omit<GrindingSolid, 'stop'>>({ answer: null, share: null, fault: null });
  const key = JSON.stringify(plan);
  useEffect(() => {
    const asked = JSON.parse(key) as BitPlan | null;
    if (asked === null) return;
    let old = false;
    const onShare = (share: number) => {
      if (!old) setState((now) => ({ ...now, share }));
    };
    setState(({ answer }) => ({ answer, share: 0, fault: null }));
    inWorker()
      .ground(asked, proxy(onShare))
      .then(
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
  }, [key]);
  const stop = () => {
    void inWorker().stop();
    setState((now) => ({ ...now, share: null }));
  };
  return { ...state, stop };
}

/** The bit after its first cuts alone; null until it is there. */
export function usePartlyGround(plan: BitPlan, upTo: number): readonly Facet[] | null {
  const { answer } = useAnswer({ plan, upTo }, (asked) => inWorker().after(asked.plan, asked.upTo));
  return answer;
}

/** The bit as an STL file; null when it was given up. */
export const stlFile = (plan: BitPlan, title: string): Promise<Uint8Array<ArrayBuffer> | null> =>
  inWorker().stl(plan, title);

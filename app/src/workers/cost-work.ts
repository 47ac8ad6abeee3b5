import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { CostAnswer, CostQuestion } from './cost-question';
import type { CostWork } from './cost-pieces';
import { workerFrom } from './worked';

const inWorker = workerFrom<CostWork>(() => new Worker(new URL('./cost.worker', window.location.href)));

export interface CostSpreading {
  readonly answer: CostAnswer | null;
  /** Share of the trials that are made; null when nothing runs. */
  readonly share: number | null;
  readonly fault: string | null;
  readonly stopped: boolean;
  readonly stop: () => void;
}

/** The spread of a cost, asked again whenever the question changes; the last answer stays until the next is there. */
export function useCostSpread(question: CostQuestion | null): CostSpreading {
  const [state, setState] = useState<Omit<CostSpreading, 'stop'>>({
    answer: null,
    share: null,
    fault: null,
    stopped: false,
  });
  const key = JSON.stringify(question);
  useEffect(() => {
    const asked = JSON.parse(key) as CostQuestion | null;
    if (asked === null) return;
    let old = false;
    const onShare = (share: number) => {
      if (!old) setState((now) => (now.stopped ? now : { ...now, share }));
    };
    setState(({ answer }) => ({ answer, share: 0, fault: null, stopped: false }));
    inWorker()
      .spread(asked, proxy(onShare))
      .then(
        (answer) => {
          if (!old && answer) setState({ answer, share: null, fault: null, stopped: false });
        },
        (error: unknown) => {
          const fault = error instanceof Error ? error.message : String(error);
          if (!old) setState({ answer: null, share: null, fault, stopped: false });
        },
      );
    return () => {
      old = true;
    };
  }, [key]);
  const stop = () => {
    void inWorker().stop();
    setState((now) => ({ ...now, share: null, stopped: true }));
  };
  return { ...state, stop };
}

import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import { bringLater } from '../kit/later';

export type Worked<Answer> = {
  readonly answer: Answer | null;
  readonly working: boolean;
  readonly fault: string | null;
};

/** A worker that starts when it is first asked. */
export function workerOnAsk<Work>(start: () => Worker): () => Remote<Work> {
  let remote: Remote<Work> | null = null;
  return () => (remote ??= wrap<Work>(start()));
}

/** A worker that starts when the page is idle, or when it is first asked; once loaded it works without the server. */
export function workerFrom<Work>(start: () => Worker): () => Remote<Work> {
  const get = workerOnAsk<Work>(start);
  bringLater(async () => void get());
  return get;
}

/**
 * Asks a worker again whenever the question changes; the last answer stays
 * until the next is there, an answer to an older question is dropped.
 *
 * @param question  told apart by what is in it; null asks nothing
 */
export function useAnswer<Question, Answer>(
  question: Question | null,
  ask: (question: Question) => Promise<Answer>,
): Worked<Answer> {
  const [state, setState] = useState<Worked<Answer>>({
    answer: null,
    working: question !== null,
    fault: null,
  });
  const key = JSON.stringify(question);
  useEffect(() => {
    const asked = JSON.parse(key) as Question | null;
    if (asked === null) return setState({ answer: null, working: false, fault: null });
    let old = false;
    setState(({ answer }) => ({ answer, working: true, fault: null }));
    ask(asked).then(
      (answer) => {
        if (!old) setState({ answer, working: false, fault: null });
      },
      (error: unknown) => {
        if (!old)
          setState({
            answer: null,
            working: false,
            fault: error instanceof Error ? error.message : String(error),
          });
      },
    );
    return () => {
      old = true;
    };
    // Compared by content, not by identity.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [key]);
  return state;
}

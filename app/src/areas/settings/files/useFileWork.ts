import { useEffect, useRef, useState } from 'react';

/** A piece of work with a file: it can be stopped, and says why it failed. */
export interface FileWork {
  readonly busy: boolean;
  /** Why the last one failed; null when it did not. */
  readonly fault: string | null;
  readonly begin: (work: (signal: AbortSignal) => Promise<void>) => void;
  readonly stop: () => void;
}

/** One piece of work at a time; leaving the page stops it. */
export function useFileWork(): FileWork {
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const under = useRef<AbortController | null>(null);
  useEffect(() => () => under.current?.abort(), []);
  const begin = (work: (signal: AbortSignal) => Promise<void>): void => {
    if (under.current) return;
    const control = new AbortController();
    under.current = control;
    setBusy(true);
    setFault(null);
    void work(control.signal)
      .catch((error: unknown) => {
        if (!control.signal.aborted) setFault((error as Error).message);
      })
      .finally(() => {
        under.current = null;
        setBusy(false);
      });
  };
  return { busy, fault, begin, stop: () => under.current?.abort() };
}

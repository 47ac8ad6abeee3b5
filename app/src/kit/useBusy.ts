import { useCallback, useEffect, useRef, useState } from 'react';

/** A second press within this time is a slip of the finger, ms. */
export const DOUBLE_PRESS_MS = 400;

/**
 * A press that is one piece of work: until it is done, and for as long as a double press takes, another
 * press does nothing. The button shows it with its `busy`.
 */
export function useBusy<Args extends readonly unknown[]>(
  work: (...args: Args) => Promise<unknown>,
): { readonly busy: boolean; readonly press: (...args: Args) => void } {
  const [busy, setBusy] = useState(false);
  const atWork = useRef(false);
  const latest = useRef(work);
  useEffect(() => {
    latest.current = work;
  });
  const press = useCallback((...args: Args) => {
    if (atWork.current) return;
    atWork.current = true;
    setBusy(true);
    const rest = new Promise((go) => setTimeout(go, DOUBLE_PRESS_MS));
    void Promise.allSettled([latest.current(...args), rest]).then(() => {
      atWork.current = false;
      setBusy(false);
    });
  }, []);
  return { busy, press };
}

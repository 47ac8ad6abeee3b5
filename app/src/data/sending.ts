import { useEffect } from 'react';
import { useOutbox } from '../sync/outbox';
import { sendNow } from './records';

/** Waits between tries to send, ms: each longer than the one before, up to the last. */
const WAITS_MS = [1_000, 2_000, 5_000, 10_000, 30_000] as const;

/** The time to wait after so many failed tries; a server that names a time is asked no earlier. */
export const waitMs = (failed: number, retryAfterMs: number | null): number =>
  Math.max(WAITS_MS[Math.min(failed, WAITS_MS.length - 1)]!, retryAfterMs ?? 0);

/** Sends waiting writes at the start, when the network returns, and ever more slowly until none is left. */
export function useSending(): void {
  const shop = useOutbox((state) => state.shop);
  const waiting = useOutbox((state) => state.entries.some((entry) => entry.state === 'waiting'));
  useEffect(() => {
    if (!waiting || shop === null) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let left = false;
    let failed = 0;
    const send = async (): Promise<void> => {
      clearTimeout(timer);
      const held = await sendNow().catch(() => null);
      if (left) return;
      const retryAfterMs = held?.sent === 'waiting' ? (held.retryAfterMs ?? null) : null;
      timer = setTimeout(() => void send(), waitMs(failed, retryAfterMs));
      failed += 1;
    };
    const sendAtOnce = () => {
      failed = 0;
      void send();
    };
    sendAtOnce();
    window.addEventListener('online', sendAtOnce);
    return () => {
      left = true;
      clearTimeout(timer);
      window.removeEventListener('online', sendAtOnce);
    };
  }, [waiting, shop]);
}

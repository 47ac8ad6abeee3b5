import type { Kind, Stored } from '@pike-stone/contract';

/** What one tab tells the others of this browser. */
export type Told =
  { readonly is: 'outbox' } | { readonly is: 'saved'; readonly kind: Kind; readonly record: Stored<Kind> };

const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel('pike-stone') : null;

export const tellTabs = (told: Told): void => channel?.postMessage(told);

/** Hears what other tabs tell; returns a function that stops. */
export function hearTabs(listener: (told: Told) => void): () => void {
  const hear = ({ data }: MessageEvent<Told>) => listener(data);
  channel?.addEventListener('message', hear);
  return () => channel?.removeEventListener('message', hear);
}

/**
 * Runs work that only one tab may do at a time. Browsers give locks to safe addresses only; elsewhere two
 * tabs may send the same write, which the server takes once.
 */
export async function oneTabAtATime<Result>(work: () => Promise<Result>): Promise<Result> {
  return 'locks' in navigator ? navigator.locks.request('pike-stone-sending', work) : work();
}

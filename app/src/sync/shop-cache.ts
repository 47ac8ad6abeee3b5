import { useEffect } from 'react';
import { useSWRConfig, type ScopedMutator } from 'swr';

/** Changes SWR's cache from outside a component; null until the application's providers are mounted. */
let bound: ScopedMutator | null = null;

/** Called once inside the SWR configuration, so that writes made outside a component reach its cache. */
export function useShopCache(): void {
  const { mutate } = useSWRConfig();
  useEffect(() => {
    bound = mutate;
  }, [mutate]);
}

/** How often each address was changed: an answer that was asked for before a change is old. */
const changes = new Map<string, number>();

/** Changes the cached answer of an address without fetching it; where there is none yet, it is fetched. */
export function changeShown<Answer>(address: string, change: (answer: Answer) => Answer): void {
  changes.set(address, (changes.get(address) ?? 0) + 1);
  void bound?.<Answer>(address, (answer) => answer && change(answer), {
    revalidate: (answer) => answer === undefined,
  });
}

/** Caches an answer for an address that has none yet. */
export function fillShown<Answer>(address: string, answer: Answer): void {
  void bound?.<Answer>(address, (known) => known ?? answer, { revalidate: false });
}

/** When an answer was asked for before any page needed it. */
const ahead = new Map<string, number>();
/** For so long a page waits for an answer that was asked for ahead of it, ms. */
const COMES_WITHIN_MS = 10_000;

/** Notes that an answer is asked for, or here, before any page needs it. */
export const noteComing = (address: string): void => void ahead.set(address, Date.now());

/** Whether an answer was asked for a moment ago, ahead of the pages. */
export const isComing = (address: string): boolean =>
  Date.now() - (ahead.get(address) ?? -Infinity) < COMES_WITHIN_MS;

/** For a page that needs an answer: one that was asked for a moment ago need not be asked for again. */
export const whileComing = (address: string): { revalidateOnMount?: false } =>
  isComing(address) ? { revalidateOnMount: false } : {};

/** Forgets what was asked for ahead, for tests that open the application anew. */
export const forgetAhead = (): void => ahead.clear();

/**
 * Reads an answer before a page needs it, and puts it in the place of what was kept. One that fails, or that
 * was changed meanwhile, is asked for again by the pages that wait for it.
 */
export async function readAhead<Answer>(address: string, read: () => Promise<Answer>): Promise<void> {
  const before = changes.get(address);
  noteComing(address);
  try {
    const answer = await read();
    if (changes.get(address) === before) void bound?.(address, answer, { revalidate: false });
    else readAgain(address);
  } catch (fault) {
    ahead.delete(address);
    readAgain(address);
    throw fault;
  }
}

/** Fetches the answer of an address again. */
export function readAgain(address: string): void {
  void bound?.(address);
}

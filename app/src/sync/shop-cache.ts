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

/** Reads an answer for an address that has none yet; one that was changed meanwhile is left alone. */
export async function readAhead<Answer>(address: string, read: () => Promise<Answer>): Promise<void> {
  const before = changes.get(address);
  const answer = await read();
  if (changes.get(address) === before) fillShown(address, answer);
}

/** Fetches the answer of an address again. */
export function readAgain(address: string): void {
  void bound?.(address);
}

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

/** Changes the cached answer of an address without fetching it. */
export function changeShown<Answer>(address: string, change: (answer: Answer) => Answer): void {
  void bound?.<Answer>(address, (answer) => answer && change(answer), { revalidate: false });
}

/** Caches an answer for an address that has none yet. */
export function fillShown<Answer>(address: string, answer: Answer): void {
  void bound?.<Answer>(address, (known) => known ?? answer, { revalidate: false });
}

/** Fetches the answer of an address again. */
export function readAgain(address: string): void {
  void bound?.(address);
}

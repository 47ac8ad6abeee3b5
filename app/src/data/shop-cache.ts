import { useEffect } from 'react';
import { useSWRConfig, type ScopedMutator } from 'swr';

/** The cache that the pages read from; until the house stands there is nothing in it to change. */
let bound: ScopedMutator | null = null;

/** Called once, inside the house's SWR configuration: writes made outside a page find its cache. */
export function useShopCache(): void {
  const { mutate } = useSWRConfig();
  useEffect(() => {
    bound = mutate;
  }, [mutate]);
}

/** Changes what the pages show under an address, at once; nothing is fetched. */
export function changeShown<Answer>(address: string, change: (answer: Answer) => Answer): void {
  void bound?.<Answer>(address, (answer) => answer && change(answer), { revalidate: false });
}

/** Puts an answer where there is none yet. */
export function fillShown<Answer>(address: string, answer: Answer): void {
  void bound?.<Answer>(address, (known) => known ?? answer, { revalidate: false });
}

/** Asks the server again. */
export function readAgain(address: string): void {
  void bound?.(address);
}

import type { CutChoice } from '@pike-stone/contract';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { addressOf, fromQuery, toQuery, useDraft } from './draft';

/** The address follows the set-up after this time, so that the figures are drawn first, ms. */
const FOLLOWS_AFTER_MS = 120;

/**
 * Keeps the set-up and the address the same: opening an address opens its cut, and
 * changing the cut changes the address. An address that this page wrote itself is not
 * read again, because the set-up may have been changed on another page since.
 */
export function useAddress(choice: CutChoice | null): void {
  const query = useLocalSearchParams<Record<string, string>>();
  const router = useRouter();
  const { shown, set, show } = useDraft();
  const opened = useRef(false);
  const written = useRef('');
  // The router cannot change the address before the application has been drawn once.
  const [ready, setReady] = useState(false);
  useEffect(() => setReady(true), []);
  useEffect(() => {
    if (!opened.current) {
      opened.current = true;
      const asked = fromQuery(query);
      if (asked && addressOf(asked) !== shown && (!choice || addressOf(asked) !== addressOf(choice)))
        return set(asked);
    }
    if (!choice || !ready) return;
    const address = addressOf(choice);
    if (written.current === address) return;
    const follow = () => {
      written.current = address;
      show(address);
      router.setParams({
        ...Object.fromEntries(Object.keys(query).map((key) => [key, undefined])),
        ...toQuery(choice),
      });
    };
    const timer = setTimeout(follow, FOLLOWS_AFTER_MS);
    return () => clearTimeout(timer);
  }, [choice, query, ready, router, set, show, shown]);
}

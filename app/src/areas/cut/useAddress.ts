import { cutChoice, type CutChoice } from '@pike-stone/contract';
import { useGlobalSearchParams, usePathname, useRouter } from 'expo-router';
import { useEffect, useLayoutEffect, useState } from 'react';
import { isAt } from '../../kit/places';
import { useDraft } from './draft';
import { addressOf, fromQuery, toQuery, type Drawer } from './set-up';
import { useSetUpChoice } from './useCut';

/** The address follows the set-up after this time, so that the figures are drawn first, ms. */
const FOLLOWS_AFTER_MS = 120;
/** Pages that begin without a set-up of their own. */
const WITHOUT = ['/cut/quick'];

type Query = Readonly<Record<string, string | string[] | undefined>>;
const KEYS = Object.keys(cutChoice.shape);
const speaksOfCut = (query: Query): boolean => KEYS.some((key) => query[key] !== undefined);

/** What the address names that this shop does not have; null when it has all. */
function missing({ machineId, stockId, toolId }: CutChoice, drawer: Drawer): string | null {
  const lacks = (list: readonly { readonly id: string }[], id: string) => list.every((one) => one.id !== id);
  if (lacks(drawer.machines, machineId)) return 'It names a machine that is not in this drawer';
  if (lacks(drawer.stock, stockId)) return 'It names a piece of stock that is not in this drawer';
  return lacks(drawer.tools, toolId) ? 'It names a tool that is not in this drawer' : null;
}

interface Address {
  /** What is wrong with the address; null when nothing is. */
  readonly damage: string | null;
  /** The address asks for another set-up than the one that stands here, and it is not taken yet. */
  readonly comes: boolean;
  readonly mend: () => void;
}

/**
 * Keeps the set-up and the address the same on every page under a cut: opening an address opens its cut, and
 * changing the cut changes the address. An address that was written here is not read again, because the
 * set-up may have been changed since.
 */
export function useAddress(): Address {
  const query: Query = useGlobalSearchParams();
  const path = usePathname();
  const router = useRouter();
  const set = useDraft((state) => state.set);
  const show = useDraft((state) => state.show);
  /** What was shown last before this was opened. */
  const [shown] = useState(() => useDraft.getState().shown);
  const { choice, drawer, loading } = useSetUpChoice();
  const [opened, setOpened] = useState(false);
  /** Set-up that the address asks for and that is not taken yet. */
  const [asked, setAsked] = useState<CutChoice | 'unreadable' | null>(null);
  const damage =
    asked === null ? null : asked === 'unreadable' ? 'It cannot be read' : missing(asked, drawer);
  // When this is first drawn after another page, the router still tells the address of that page.
  const arrived = isAt('/cut', path);
  const said = !opened && arrived && speaksOfCut(query) ? (fromQuery(query) ?? 'unreadable') : null;
  const isNew =
    said === 'unreadable'
    || (said !== null
      && addressOf(said) !== shown
      && (choice === null || addressOf(said) !== addressOf(choice)));
  // Before anything is painted, so that a page whose lists are here begins with its own cut.
  useLayoutEffect(() => {
    if (opened || loading || !arrived) return;
    setOpened(true);
    if (isNew) setAsked(said);
  }, [opened, loading, arrived, said, isNew]);
  // What is not in the drawer may be on its way here.
  useLayoutEffect(() => {
    if (asked === null || damage !== null || asked === 'unreadable') return;
    set(asked);
    setAsked(null);
  }, [asked, damage, set]);
  useEffect(() => {
    if (!opened || asked !== null || !choice || WITHOUT.includes(path)) return;
    // At once, not with the address: who leaves before that and goes back to an older cut asks for that one.
    show(addressOf(choice));
    const wanted = toQuery(choice);
    if (KEYS.every((key) => query[key] === wanted[key])) return;
    const follow = () =>
      router.setParams({ ...Object.fromEntries(KEYS.map((key) => [key, undefined])), ...wanted });
    const timer = setTimeout(follow, FOLLOWS_AFTER_MS);
    return () => clearTimeout(timer);
  }, [opened, asked, choice, path, query, router, show]);
  return { damage, comes: isNew || (asked !== null && damage === null), mend: () => setAsked(null) };
}

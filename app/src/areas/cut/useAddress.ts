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

/** Addresses of the cut that stands here, as it is and as it was: a page further back still has one from before a change. */
const ownAddresses = new Set([useDraft.getState().shown]);

/**
 * Who opens a cut from another place asks for that one, also when the cut here was like it before; who comes Back
 * does not. The browser is at the address already for Back, and goes there later when a page is opened.
 */
const forgetWhenOpened = (): void => {
  if (!isAt('/cut', window.location.pathname)) ownAddresses.clear();
};

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
  /** The address asks for another set-up than the one that stands here, and it is not taken: not yet, or it is damaged. */
  readonly comes: boolean;
}

/**
 * Keeps the set-up and the address the same on every page under a cut: opening an address opens its cut, and
 * changing the cut changes the address. To come back to an address that this cut has had asks for nothing.
 */
export function useAddress(): Address {
  const query: Query = useGlobalSearchParams();
  const path = usePathname();
  const router = useRouter();
  const set = useDraft((state) => state.set);
  const show = useDraft((state) => state.show);
  const { choice, drawer, loading } = useSetUpChoice();
  // Once, before this is drawn for the first time.
  useState(forgetWhenOpened);
  // The first time this is drawn, the router may still tell the address of the page one came from.
  const said = isAt('/cut', path) && speaksOfCut(query) ? (fromQuery(query) ?? 'unreadable') : null;
  const address = said === null || said === 'unreadable' ? said : addressOf(said);
  const here = choice && addressOf(choice);
  const asks = address === here || ownAddresses.has(address) ? null : said;
  const damage =
    asks === null || loading ? null : asks === 'unreadable' ? 'It cannot be read' : missing(asks, drawer);
  // Before anything is painted, so that a page whose lists are here begins with its own cut.
  useLayoutEffect(() => {
    // What is not in the drawer may be on its way here.
    if (asks === null || asks === 'unreadable' || loading || damage !== null) return;
    ownAddresses.clear();
    ownAddresses.add(addressOf(asks));
    show(addressOf(asks));
    set(asks);
  }, [asks, loading, damage, show, set]);
  useEffect(() => {
    if (asks !== null || !choice || here === null || WITHOUT.includes(path)) return;
    ownAddresses.add(here);
    if (address === here) return show(here);
    const follow = () => {
      show(here);
      router.setParams({ ...Object.fromEntries(KEYS.map((key) => [key, undefined])), ...toQuery(choice) });
    };
    const timer = setTimeout(follow, FOLLOWS_AFTER_MS);
    return () => clearTimeout(timer);
  }, [asks, here, choice, path, address, router, show]);
  return { damage, comes: asks !== null };
}

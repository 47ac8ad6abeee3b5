import { sessionAnswer } from '@pike-stone/contract';
import type { Cache } from 'swr';
import { endPictures } from '../frame/keep-picture';
import { loadAnswers, keptAnswers } from './answers';
import { loadAside } from './aside';
import { arrivedEarly, FIRST_LISTS, SESSION, takeEarly } from './early';
import { loadOutbox, takeOverOutbox, takeOverWritten, useOutbox } from './outbox';
import { place } from './place';
import { noteComing } from './shop-cache';
import { hearTabs, type Told } from './tabs';

/** Longest time that the first page waits for the device's database. */
const PATIENCE_MS = 1_500;
const SHOP = 'shop';
/** Kept by earlier versions; the server has it all. */
const ANSWERS_BEFORE = 'pike-read';

/** Shop that this device was in last, or null. */
async function lastShop(): Promise<string | null> {
  const database = await place();
  const shop = await database?.get('about', SHOP).catch(() => null);
  return typeof shop === 'string' ? shop : null;
}

/**
 * Puts what the page has asked for early in the place of what was kept, so that the first page is drawn with it.
 * @returns the addresses that are the server's of now
 */
function takeArrived(answers: Map<string, unknown>, shop: string | null): string[] {
  const session = sessionAnswer.safeParse(arrivedEarly(SESSION)).data;
  if (!session?.shop || (shop !== null && session.shop.id !== shop)) return [];
  return [SESSION, ...FIRST_LISTS].flatMap((path) => {
    const address = path.replace(/\?.*$/, '');
    const body = arrivedEarly(path) as { next?: unknown } | undefined;
    // Of a list with more pages than one, the first is not the whole.
    if (body === undefined || body.next) return [];
    answers.set(address, body);
    void takeEarly(path);
    noteComing(address);
    return [address];
  });
}

async function load(): Promise<Cache> {
  const shop = await lastShop();
  if (shop !== null) {
    await takeOverWritten(shop);
    await loadOutbox(shop);
  }
  const answers = shop === null ? new Map<string, unknown>() : await loadAnswers(shop);
  const fresh = takeArrived(answers, shop);
  // The session decides about everything else: one that cannot be read is asked for.
  if (!sessionAnswer.safeParse(answers.get(SESSION)).success) answers.delete(SESSION);
  void loadAside();
  localStorage.removeItem(ANSWERS_BEFORE);
  return keptAnswers(() => useOutbox.getState().shop, answers, fresh);
}

/**
 * Reads what this device keeps. A database that does not open in time is done without: then the page has
 * only what the server tells.
 */
export const beginSync = (): Promise<Cache> =>
  Promise.race([
    load().catch(() => keptAnswers(() => useOutbox.getState().shop, new Map())),
    new Promise<Cache>((resolve) =>
      setTimeout(() => resolve(keptAnswers(() => useOutbox.getState().shop, new Map())), PATIENCE_MS),
    ),
  ]);

let cache: Cache = new Map();

/** Settles when what this device keeps has been read; the application is drawn from then on. */
export const begun: Promise<void> = beginSync().then((answers) => void (cache = answers));

/** The answers that this device keeps, once it has begun. */
export const keptCache = (): Cache => cache;

/** Notes which shop this device is in. What was kept for another shop stays, and is not shown. */
export async function beInShop(shop: string): Promise<void> {
  const { shop: before } = useOutbox.getState();
  if (before === shop) return;
  const database = await place();
  await database?.put('about', shop, SHOP).catch(() => undefined);
  // A page of another shop begins anew, with what is kept for this one.
  if (before !== null) {
    endPictures();
    return window.location.reload();
  }
  useOutbox.setState({ shop });
  await takeOverOutbox(shop);
  await takeOverWritten(shop);
  await loadOutbox(shop);
}

/** Follows what other tabs of this browser write and send. */
export const followOtherTabs = (onSaved: (told: Extract<Told, { is: 'saved' }>) => void): (() => void) =>
  hearTabs((told) => {
    const { shop } = useOutbox.getState();
    if (told.is === 'saved') onSaved(told);
    else if (shop !== null) void loadOutbox(shop);
  });

import { isKind, type Kind } from '@pike-stone/contract';
import { create } from 'zustand';
import { setAside } from './aside';
import { readOutgoing, recordKey, type LastSent, type Outgoing } from './outgoing';
import { place, type Place } from './place';
import { tellTabs } from './tabs';

interface Outbox {
  /** Shop that the writes belong to; null until it is known. */
  readonly shop: string | null;
  /** What waits to be sent, or was refused, oldest first. All tabs have the same. */
  readonly entries: readonly Outgoing[];
  /** Names of the writes that this device has no room for: they live only as long as this page. */
  readonly onlyHere: readonly string[];
  readonly reachable: boolean;
  /** Why the server, which answers, does not take what waits now; null when nothing is held up. */
  readonly heldUp: string | null;
}

/** The writes of this device, as its pages show them. They are kept in the device's database. */
export const useOutbox = create<Outbox>()(() => ({
  shop: null,
  entries: [],
  onlyHere: [],
  reachable: true,
  heldUp: null,
}));

export const setReachable = (reachable: boolean): void => {
  if (useOutbox.getState().reachable !== reachable) useOutbox.setState({ reachable });
};

/** Prefix of writes in the browser's small storage, where they stand until the device's database has them. */
const WRITTEN = 'pike-written/';
/** Name of a write there; one that was written before the shop was known is of the shop that this device comes into. */
const writtenName = (shop: string | null, kind: Kind, id: string): string =>
  `${WRITTEN}${shop ?? ''}/${recordKey(kind, id)}`;
const REMEMBERED = 60;
const isOf = (kind: Kind, id: string) => (entry: Outgoing) => entry.kind === kind && entry.id === id;
const byOrder = (a: Outgoing, b: Outgoing): number => a.order - b.order;
const keyFor = (shop: string, kind: Kind, id: string): [string, Kind, string] => [shop, kind, id];

/** An unsent write is replaced by the newer one, made from the same version and sent in the same place. */
const replacing = (earlier: Outgoing | undefined, entry: Outgoing): Outgoing =>
  earlier ? { ...entry, version: earlier.version, queuedAt: earlier.queuedAt, order: earlier.order } : entry;

/** Puts a changed entry among the others; null takes it out. */
const withEntry = (
  entries: readonly Outgoing[],
  kind: Kind,
  id: string,
  entry: Outgoing | null,
): Outgoing[] => [...entries.filter((one) => !isOf(kind, id)(one)), ...(entry ? [entry] : [])].sort(byOrder);

/** Counts the changes that the database has taken, so that a reading of it can be told from a later change. */
let taken = 0;
/** Of each entry, by its name: how many changes are on their way to the database, and the last that it took. */
const onTheWay = new Map<string, number>();
const takenLast = new Map<string, number>();

/**
 * Changes one entry: in the page at once, and in the device's database in one step that no other tab can
 * come between.
 * @param change  makes the new entry of the one that is kept; null takes it out
 * @returns       whether the device keeps it
 */
async function changeEntry(
  kind: Kind,
  id: string,
  change: (kept: Outgoing | undefined) => Outgoing | null | undefined,
): Promise<boolean> {
  const { entries, shop } = useOutbox.getState();
  const shown = change(entries.find(isOf(kind, id)));
  if (shown !== undefined) useOutbox.setState({ entries: withEntry(entries, kind, id, shown) });
  const name = recordKey(kind, id);
  if (shown === null) localStorage.removeItem(writtenName(shop, kind, id));
  onTheWay.set(name, (onTheWay.get(name) ?? 0) + 1);
  const kept = await inPlace(shop, kind, id, change).catch(() => false);
  onTheWay.set(name, onTheWay.get(name)! - 1);
  takenLast.set(name, (taken += 1));
  useOutbox.setState(({ onlyHere }) => ({
    onlyHere: [...onlyHere.filter((one) => one !== name), ...(kept || shown === null ? [] : [name])],
  }));
  tellTabs({ is: 'outbox' });
  return kept;
}

async function inPlace(
  shop: string | null,
  kind: Kind,
  id: string,
  change: (kept: Outgoing | undefined) => Outgoing | null | undefined,
): Promise<boolean> {
  const database = await place();
  if (!database || shop === null) return false;
  const key = keyFor(shop, kind, id);
  const step = database.transaction('outgoing', 'readwrite');
  const next = change(await step.store.get(key));
  if (next === null) await step.store.delete(key);
  else if (next !== undefined) await step.store.put(next, key);
  await step.done;
  return true;
}

let lastOrder = 0;
/** A number above all that this tab gave before, and after what other tabs gave earlier. */
const nextOrder = (): number => (lastOrder = Math.max(lastOrder + 1 / 1024, Date.now()));

/**
 * Keeps a write until the server has it. It is first written where writing takes no time, so that a page
 * that is closed at that moment loses nothing. Resolves to whether the device keeps it.
 */
export async function enqueue(entry: Omit<Outgoing, 'order' | 'queuedAt' | 'state'>): Promise<boolean> {
  const whole: Outgoing = {
    ...entry,
    queuedAt: new Date().toISOString(),
    order: nextOrder(),
    state: 'waiting',
  };
  const name = writtenName(useOutbox.getState().shop, entry.kind, entry.id);
  const text = JSON.stringify(whole);
  try {
    localStorage.setItem(name, text);
  } catch {
    // No room there. The database may have some, and whether it has is what the caller is told.
  }
  const kept = await changeEntry(entry.kind, entry.id, (earlier) => replacing(earlier, whole));
  // A later write of the same record may stand there by now.
  if (kept && localStorage.getItem(name) === text) localStorage.removeItem(name);
  return kept;
}

/** Takes over what was written at the moment when a page was closed. */
export async function takeOverWritten(shop: string): Promise<void> {
  const names = Object.keys(localStorage).filter((name) =>
    [shop, ''].some((of) => name.startsWith(`${WRITTEN}${of}/`)),
  );
  for (const name of names) {
    const text = localStorage.getItem(name) ?? '';
    try {
      const entry = readOutgoing(JSON.parse(text));
      const kept = await inPlace(shop, entry.kind, entry.id, (earlier) => replacing(earlier, entry));
      if (kept) localStorage.removeItem(name);
    } catch (error) {
      setAside('a write that waited', (error as Error).message, text);
      localStorage.removeItem(name);
    }
  }
}

export const removeEntry = (kind: Kind, id: string): Promise<boolean> => changeEntry(kind, id, () => null);

/** Changes parts of a kept entry, where there still is one. */
export const markEntry = (kind: Kind, id: string, change: Partial<Outgoing>): Promise<boolean> =>
  changeEntry(kind, id, (entry) => entry && ({ ...entry, ...change } as Outgoing));

/**
 * Notes that the server has a write now. One that was changed again on its way stays, and goes out from
 * the version that the server has.
 */
export const markSent = (
  { kind, id }: Outgoing,
  version: number,
  isSame: (entry: Outgoing) => boolean,
): Promise<boolean> =>
  changeEntry(kind, id, (entry) => entry && (isSame(entry) ? null : { ...entry, version }));

/** Sends a refused write again as it is. */
export const sendAgain = ({ kind, id }: Outgoing): Promise<boolean> =>
  markEntry(kind, id, { state: 'waiting', why: undefined });

const sentHere = new Map<string, LastSent>();

/** Remembers what is being sent, so that a refusal can be told from this device's own earlier write. */
export async function noteSent({ kind, id, archived, body }: Outgoing): Promise<void> {
  const { shop } = useOutbox.getState();
  const sent: LastSent = { archived, body, at: Date.now() };
  sentHere.set(recordKey(kind, id), sent);
  const database = await place();
  if (!database || shop === null) return;
  const step = database.transaction('sent', 'readwrite');
  await step.store.put(sent, keyFor(shop, kind, id));
  const keys = await step.store.getAllKeys();
  if (keys.length > REMEMBERED * 2) {
    const all = await step.store.getAll();
    const oldest = keys.map((key, i) => ({ key, at: all[i]!.at })).sort((a, b) => a.at - b.at);
    for (const { key } of oldest.slice(0, keys.length - REMEMBERED)) await step.store.delete(key);
  }
  await step.done;
}

export async function lastSentOf({ kind, id }: Outgoing): Promise<LastSent | undefined> {
  const { shop } = useOutbox.getState();
  const database = await place();
  const kept = database && shop !== null ? await database.get('sent', keyFor(shop, kind, id)) : undefined;
  return kept ?? sentHere.get(recordKey(kind, id));
}

/** Reads the writes of a shop from the device's database: at the start, and when another tab changed them. */
export async function loadOutbox(shop: string): Promise<void> {
  const began = taken;
  const isSameShop = useOutbox.getState().shop === shop;
  const database = await place();
  await keepOnlyHere(shop);
  const kept = database ? await readKept(database, shop).catch(() => []) : [];
  // What was changed here meanwhile is newer than what was read.
  const isNewer = ({ kind, id }: Outgoing): boolean => {
    const name = recordKey(kind, id);
    return isSameShop && ((onTheWay.get(name) ?? 0) > 0 || (takenLast.get(name) ?? 0) > began);
  };
  useOutbox.setState(({ entries, onlyHere }) => ({
    shop,
    entries: [
      ...kept.filter((one) => !isNewer(one)),
      ...entries.filter(
        (one) =>
          isNewer(one)
          || (onlyHere.includes(recordKey(one.kind, one.id)) && !kept.some(isOf(one.kind, one.id))),
      ),
    ].sort(byOrder),
  }));
}

/** Tries again to keep what the device had no room for, or what was written before the shop was known. */
async function keepOnlyHere(shop: string): Promise<void> {
  const { entries, onlyHere } = useOutbox.getState();
  for (const entry of entries.filter(({ kind, id }) => onlyHere.includes(recordKey(kind, id)))) {
    const { kind, id } = entry;
    const kept = await inPlace(shop, kind, id, (known) => known ?? entry).catch(() => false);
    if (!kept) return;
    useOutbox.setState((now) => ({ onlyHere: now.onlyHere.filter((one) => one !== recordKey(kind, id)) }));
  }
}

/** Kept writes that can be read; the others are set aside. */
async function readKept(database: Place, shop: string): Promise<Outgoing[]> {
  const range = IDBKeyRange.bound([shop], [shop, []]);
  const [keys, values] = await Promise.all([
    database.getAllKeys('outgoing', range),
    database.getAll('outgoing', range),
  ]);
  const read: Outgoing[] = [];
  for (const [i, value] of values.entries()) {
    try {
      read.push(readOutgoing(value));
    } catch (error) {
      setAside(`a write that waited (${keys[i]![1]})`, (error as Error).message, value);
      await database.delete('outgoing', keys[i]!);
    }
  }
  return read.sort(byOrder);
}

const BEFORE = 'pike-outbox';

/** Takes over what an earlier version kept in the browser's small storage. */
export async function takeOverOutbox(shop: string): Promise<void> {
  const text = localStorage.getItem(BEFORE);
  if (text === null) return;
  const found = (): unknown[] => {
    const { state } = JSON.parse(text) as { readonly state: { readonly entries: unknown[] } };
    return [...state.entries];
  };
  try {
    for (const one of found()) {
      const entry = { ...readOutgoing(one), order: nextOrder() };
      if (isKind(entry.kind)) await inPlace(shop, entry.kind, entry.id, (kept) => kept ?? entry);
    }
  } catch (error) {
    setAside('writes that waited', (error as Error).message, text);
  }
  localStorage.removeItem(BEFORE);
}

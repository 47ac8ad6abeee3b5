import { canCheck, factsOf, isKind, readList, upgraded, type List } from '@pike-stone/contract';
import type { Cache, State } from 'swr';
import { setAside } from './aside';
import { SESSION } from './early';
import { place } from './place';

const KEPT_AFTER_MS = 300;
/** Answers that are not kept: searches, which are many, and what is only true at the moment. */
const isKept = (address: string): boolean =>
  address.startsWith('/api/') && !/[?&]q=|^\/api\/devices/.test(address);

/** The shop's part of the answers; the session itself is kept beside them, because it says which shop it is. */
const partOf = (shop: string, address: string): [string, string] => [
  address === SESSION ? '' : shop,
  address,
];

/**
 * SWR's cache, kept in the device's database: a page opened without the server shows the last answers. An
 * answer is read when it is first needed: a phone that opens one page need not check all of them.
 * @param found  answers as they were found, by their address
 * @param fresh  those of them that are the server's of now, and not kept yet
 */
export function keptAnswers(
  shop: () => string | null,
  found: ReadonlyMap<string, unknown>,
  fresh: readonly string[] = [],
): Cache {
  const unread = new Map(found);
  const map = new Map<string, State>();
  const changed = new Set(fresh);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const keepSoon = () => {
    timer ??= setTimeout(() => void keep(), KEPT_AFTER_MS);
  };
  const get = (address: string): State | undefined => {
    // A list whose records cannot be checked yet is left for when they can.
    if (unread.has(address) && canCheck(kindIn(address))) {
      const data = unread.get(address);
      unread.delete(address);
      try {
        map.set(address, { data: readAnswer(address, data) });
      } catch (error) {
        setAside(`an answer (${address})`, (error as Error).message, null);
        void forget(shop(), address);
      }
    }
    return map.get(address);
  };
  const keep = async (): Promise<void> => {
    timer = undefined;
    const database = await place();
    const known = shop();
    // Until the shop is known, they wait for the next answer.
    if (!database || known === null) return;
    const addresses = [...changed];
    changed.clear();
    const step = database.transaction('answers', 'readwrite');
    for (const address of addresses) {
      const data = get(address)?.data;
      if (data !== undefined) void step.store.put(data, partOf(known, address));
    }
    // A device without room keeps no answers. Nothing is lost, because the server has the records.
    await step.done.catch(() => undefined);
  };
  if (changed.size > 0) keepSoon();
  const keepNow = () => {
    clearTimeout(timer);
    if (changed.size > 0) void keep();
  };
  window.addEventListener('pagehide', keepNow);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && keepNow());
  return {
    keys: () => [...map.keys(), ...unread.keys()].values(),
    get,
    delete: (address) => {
      unread.delete(address);
      map.delete(address);
    },
    set: (address, state) => {
      const isNew = state.data !== get(address)?.data;
      map.set(address, state as State);
      if (!isNew || state.data === undefined || !isKept(address)) return;
      changed.add(address);
      keepSoon();
    },
  };
}

/** The kind of record that an address lists, where it lists one. */
const kindIn = (address: string): string => address.replace(/^\/api\//, '').replace(/\?.*$/, '');

/** A kept answer in today's shape; throws when it is none. */
function readAnswer(address: string, data: unknown): unknown {
  if (typeof data !== 'object' || data === null) throw new Error('it is no answer');
  const kind = kindIn(address);
  if (!isKind(kind)) return data;
  const { records, next = null, total = null } = data as List<typeof kind>;
  if (!Array.isArray(records)) throw new Error('it is no list');
  const list = records.map((one) =>
    factsOf(kind).upgrade ? { ...one, body: upgraded(kind, one.body) } : one,
  );
  return readList(kind).parse({ records: list, next, total });
}

async function forget(shop: string | null, address: string): Promise<void> {
  const database = await place();
  if (shop !== null) await database?.delete('answers', partOf(shop, address)).catch(() => undefined);
}

/** The kept answers of a shop, as they were kept. */
export async function loadAnswers(shop: string): Promise<Map<string, unknown>> {
  const database = await place();
  const answers = new Map<string, unknown>();
  if (!database) return answers;
  for (const part of ['', shop]) {
    const range = IDBKeyRange.bound([part], [part, []]);
    const [keys, values] = await Promise.all([
      database.getAllKeys('answers', range),
      database.getAll('answers', range),
    ]);
    keys.forEach(([, address], i) => answers.set(address, values[i]));
  }
  return answers;
}

import { factsOf, isKind, readList, upgraded, type List } from '@pike-stone/contract';
import type { Cache, State } from 'swr';
import { setAside } from './aside';
import { place } from './place';

const KEPT_AFTER_MS = 300;
const SESSION = '/api/session';
/** Answers that are not kept: searches, which are many, and what is only true at the moment. */
const isKept = (address: string): boolean =>
  address.startsWith('/api/') && !/[?&]q=|^\/api\/devices/.test(address);

/** The shop's part of the answers; the session itself is kept beside them, because it says which shop it is. */
const partOf = (shop: string, address: string): [string, string] => [
  address === SESSION ? '' : shop,
  address,
];

/**
 * SWR's cache, kept in the device's database: a page opened without the server shows the last answers.
 * @param first  answers that were kept before
 */
export function keptAnswers(shop: () => string | null, first: ReadonlyMap<string, unknown>): Cache {
  const map = new Map<string, State>([...first].map(([address, data]) => [address, { data }]));
  const changed = new Set<string>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const keep = async (): Promise<void> => {
    timer = undefined;
    const database = await place();
    const known = shop();
    const addresses = [...changed];
    changed.clear();
    if (!database || known === null) return;
    const step = database.transaction('answers', 'readwrite');
    for (const address of addresses) {
      const data = map.get(address)?.data;
      if (data !== undefined) void step.store.put(data, partOf(known, address));
    }
    // A device without room keeps no answers. Nothing is lost, because the server has the records.
    await step.done.catch(() => undefined);
  };
  const keepNow = () => {
    clearTimeout(timer);
    if (changed.size > 0) void keep();
  };
  window.addEventListener('pagehide', keepNow);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && keepNow());
  return {
    keys: () => map.keys(),
    get: (address) => map.get(address),
    delete: (address) => void map.delete(address),
    set: (address, state) => {
      const isNew = state.data !== map.get(address)?.data;
      map.set(address, state as State);
      if (!isNew || state.data === undefined || !isKept(address)) return;
      changed.add(address);
      timer ??= setTimeout(() => void keep(), KEPT_AFTER_MS);
    },
  };
}

/** A kept answer in today's shape; throws when it is none. */
function readAnswer(address: string, data: unknown): unknown {
  if (typeof data !== 'object' || data === null) throw new Error('it is no answer');
  const kind = address.replace(/^\/api\//, '').replace(/\?.*$/, '');
  if (!isKind(kind)) return data;
  const { records, next = null, total = null } = data as List<typeof kind>;
  if (!Array.isArray(records)) throw new Error('it is no list');
  const list = records.map((one) =>
    factsOf(kind).upgrade ? { ...one, body: upgraded(kind, one.body) } : one,
  );
  return readList(kind).parse({ records: list, next, total });
}

/** Reads the kept answers of a shop; what cannot be read is left out, for the server has it. */
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
    keys.forEach(([, address], i) => {
      try {
        answers.set(address, readAnswer(address, values[i]));
      } catch (error) {
        setAside(`an answer (${address})`, (error as Error).message, null);
        void database.delete('answers', keys[i]!);
      }
    });
  }
  return answers;
}

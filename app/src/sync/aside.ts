import { create } from 'zustand';
import { place, type Aside } from './place';

interface AsideState {
  readonly things: readonly (Aside & { readonly key: number })[];
}

/** What was found misshapen on this device: set aside and reported, never shown as if it were right. */
export const useAside = create<AsideState>()(() => ({ things: [] }));

/** Small texts that are set aside where there is no database, or before it is open. */
const early: Aside[] = [];

export function setAside(what: string, why: string, found: unknown): void {
  const thing: Aside = { at: new Date().toISOString(), what, why, found };
  early.push(thing);
  void keepEarly();
}

async function keepEarly(): Promise<void> {
  const database = await place();
  for (const thing of early.splice(0)) {
    const key = await database?.add('aside', thing).catch(() => undefined);
    useAside.setState(({ things }) => ({
      things: [...things, { ...thing, key: key ?? -things.length - 1 }],
    }));
  }
}

/** Reads what was set aside before. */
export async function loadAside(): Promise<void> {
  const database = await place();
  if (!database) return;
  const [keys, things] = await Promise.all([database.getAllKeys('aside'), database.getAll('aside')]);
  const known = things.map((thing, i) => ({ ...thing, key: keys[i]! }));
  useAside.setState(({ things: later }) => ({
    things: [...known, ...later.filter(({ key }) => !keys.includes(key))],
  }));
}

export async function dropAside(key: number): Promise<void> {
  useAside.setState(({ things }) => ({ things: things.filter((one) => one.key !== key) }));
  const database = await place();
  if (key >= 0) await database?.delete('aside', key);
}

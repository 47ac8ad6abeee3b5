import { createJSONStorage, persist, type PersistOptions, type StateStorage } from 'zustand/middleware';
import type { StateCreator } from 'zustand';
import { setAside } from './aside';

/** The browser's small storage. What is no text of ours is set aside; a full one harms nothing. */
const small: StateStorage = {
  getItem: (name) => {
    const text = localStorage.getItem(name);
    if (text === null) return null;
    try {
      const kept = JSON.parse(text) as { readonly state?: unknown } | null;
      if (typeof kept?.state === 'object' && kept.state !== null) return text;
      throw new Error('it is not what this application keeps');
    } catch (error) {
      localStorage.removeItem(name);
      setAside(name, (error as Error).message, text);
      return null;
    }
  },
  setItem: (name, text) => {
    try {
      localStorage.setItem(name, text);
    } catch {
      // The device has no room. The page goes on with what it has in memory.
    }
  },
  removeItem: (name) => localStorage.removeItem(name),
};

/**
 * Keeps a store of small things on this device. A part that is not of the kind it starts with (a list, a
 * text, a number) is set aside, so that no page meets it; all tabs of this browser have the same.
 */
export function keptHere<State extends object>(
  start: StateCreator<State, [], []>,
  options: Omit<PersistOptions<State, unknown>, 'storage' | 'merge'>,
) {
  return persist(start, {
    ...options,
    storage: createJSONStorage(() => small),
    merge: (kept, first) => ({ ...first, ...fitting(options.name, kept, first) }),
  });
}

const kindOf = (value: unknown): string =>
  Array.isArray(value) ? 'list' : value === null ? 'null' : typeof value;

/** Parts of a kept state that are of the same kind as those it starts with; one that starts as null may be anything. */
function fitting<State extends object>(name: string, kept: unknown, first: State): Partial<State> {
  const parts = Object.entries((kept ?? {}) as object).filter(([key, value]) => {
    const expected = kindOf(first[key as keyof State]);
    const fits = expected === 'null' || expected === 'undefined' || kindOf(value) === expected;
    if (!fits) setAside(`${name}, ${key}`, 'it is not of the kind that belongs there', value);
    return fits && expected !== 'function';
  });
  return Object.fromEntries(parts) as Partial<State>;
}

/** A kept store of which all tabs of this browser have the same. */
interface KeptStore {
  readonly persist: { getOptions(): { name?: string | undefined }; rehydrate(): unknown };
}

/** Reads a kept store again whenever another tab has changed it. */
export function withOtherTabs<Store extends KeptStore>(store: Store): Store {
  window.addEventListener('storage', ({ key }) => {
    if (key === store.persist.getOptions().name) store.persist.rehydrate();
  });
  return store;
}

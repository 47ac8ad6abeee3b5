import { create } from 'zustand';
import { keptHere, withOtherTabs } from '../sync/kept-here';

export interface Drafts<Draft> {
  readonly drafts: Readonly<Record<string, Draft>>;
  keep(key: string, draft: Draft): void;
  drop(key: string): void;
}

/** A store of drafts: entries that were begun and not stored in a record. They survive a reload and a closed tab. */
export const draftsNamed = <Draft>(name: string, upgrade?: (draft: Draft, key: string) => Draft) =>
  withOtherTabs(
    create<Drafts<Draft>>()(
      keptHere(
        (set) => ({
          drafts: {},
          keep: (key, draft) => set(({ drafts }) => ({ drafts: { ...drafts, [key]: draft } })),
          drop: (key) =>
            set(({ drafts }) => ({
              drafts: Object.fromEntries(Object.entries(drafts).filter(([one]) => one !== key)),
            })),
        }),
        { name, ...(upgrade && { version: 1, migrate: (kept) => upgradedDrafts(kept, upgrade) }) },
      ),
    ),
  );

/** Brings drafts that were kept before their shape changed into today's shape. */
function upgradedDrafts<Draft>(kept: unknown, upgrade: (draft: Draft, key: string) => Draft) {
  const { drafts } = kept as Pick<Drafts<Draft>, 'drafts'>;
  return {
    drafts: Object.fromEntries(Object.entries(drafts).map(([key, draft]) => [key, upgrade(draft, key)])),
  };
}

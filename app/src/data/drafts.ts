import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export interface Drafts<Draft> {
  readonly drafts: Readonly<Record<string, Draft>>;
  keep(key: string, draft: Draft): void;
  drop(key: string): void;
}

/** What was begun and not put into a record yet: survives a reload and a closed tab. */
export const draftsNamed = <Draft>(name: string, upgrade?: (draft: Draft, key: string) => Draft) =>
  create<Drafts<Draft>>()(
    persist(
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
  );

/** What was kept before the shape of a draft changed. */
function upgradedDrafts<Draft>(kept: unknown, upgrade: (draft: Draft, key: string) => Draft) {
  const { drafts } = kept as Pick<Drafts<Draft>, 'drafts'>;
  return {
    drafts: Object.fromEntries(Object.entries(drafts).map(([key, draft]) => [key, upgrade(draft, key)])),
  };
}

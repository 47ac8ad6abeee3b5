import type { UnitSystem } from '@pike-stone/words';
import { create } from 'zustand';
import { keptHere, withOtherTabs } from '../sync/kept-here';

interface Preferences {
  readonly units: UnitSystem;
  readonly theme: 'system' | 'light' | 'dark';
  /** Single keys of a keyboard lead to places and change figures. */
  readonly shortcuts: boolean;
  /** Last five sizes typed in each place, newest first, mm. */
  readonly recent: Readonly<Record<string, readonly number[]>>;
  setUnits(units: UnitSystem): void;
  setTheme(theme: Preferences['theme']): void;
  setShortcuts(shortcuts: boolean): void;
  remember(place: string, mm: number): void;
}

const KEPT = 5;

/** Preferences of this device, which do not belong to the shop's records. */
export const usePreferences = withOtherTabs(
  create<Preferences>()(
    keptHere(
      (set) => ({
        units: 'mm',
        theme: 'system',
        shortcuts: true,
        recent: {},
        setUnits: (units) => set({ units }),
        setTheme: (theme) => set({ theme }),
        setShortcuts: (shortcuts) => set({ shortcuts }),
        remember: (place, mm) =>
          set(({ recent }) => ({
            recent: {
              ...recent,
              [place]: [mm, ...(recent[place] ?? []).filter((one) => Math.abs(one - mm) > 1e-6)].slice(
                0,
                KEPT,
              ),
            },
          })),
      }),
      { name: 'pike-preferences' },
    ),
  ),
);

export const useUnits = (): UnitSystem => usePreferences((state) => state.units);

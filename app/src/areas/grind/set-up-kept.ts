import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** Figures of a set-up as they were typed last, mm; height of axis and holder are those of the machine. */
interface SetUpKept {
  readonly axisMm: number;
  readonly holderMm: number;
  /** Diameter and height of the nose, by the id of the bit. */
  readonly ofBit: Readonly<Record<string, { readonly diameterMm: number; readonly errorMm: number }>>;
  keep(bitId: string, figures: Figures): void;
}
interface Figures {
  readonly axisMm: number;
  readonly holderMm: number;
  readonly diameterMm: number;
  readonly errorMm: number;
}

/** What was typed in setting up bits on this device. */
export const useSetUpKept = create<SetUpKept>()(
  persist(
    (set) => ({
      axisMm: 25,
      holderMm: 0,
      ofBit: {},
      keep: (bitId, { axisMm, holderMm, diameterMm, errorMm }) =>
        set(({ ofBit }) => ({ axisMm, holderMm, ofBit: { ...ofBit, [bitId]: { diameterMm, errorMm } } })),
    }),
    { name: 'pike-set-up' },
  ),
);

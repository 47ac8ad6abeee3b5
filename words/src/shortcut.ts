import type { Shortcut } from '@pike-stone/core';

/** The shop-floor formulas as they are written. */
export const SHORTCUT_WORDS: Readonly<Record<Shortcut, string>> = {
  '4*CS/D': '4 × CS ÷ D',
  '3.82*CS/D': '3.82 × CS ÷ D',
  '12*CS/(pi*D)': '12 × CS ÷ (π D)',
  '1000*v/(pi*D)': '1000 × v ÷ (π D)',
  '320*v/D': '320 × v ÷ D',
  '300*v/D': '300 × v ÷ D',
};

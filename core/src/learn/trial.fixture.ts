import type { Trial } from './goal';
import type { SignKey } from './sign-rows';

/** A trial of which only what was seen is known, and whatever is different. */
export const trial = (signs: readonly SignKey[], more: Partial<Trial> = {}): Trial => ({
  setting: { rpm: 265, feedMmRev: 0.08, depthMm: 1 },
  signs,
  outcome: 'so-so',
  changed: null,
  better: false,
  raUm: null,
  netPowerW: null,
  ...more,
});

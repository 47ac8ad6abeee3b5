import type { Drawback } from '@pike-stone/core/forecast';

/** The one thing against a tool, as short as it is said. */
export const DRAWBACK_WORDS: Readonly<Record<Drawback, string>> = {
  dull: 'dull',
  'coating-welds': 'its coating welds to this',
  'soft-metals-only': 'aluminium and brass only',
  'no-gain': 'no gain in plastics',
  'does-not-fit': 'does not fit this size',
  'other-size': 'another size',
  'no-collet': 'no collet for it',
  'too-large': 'too large for the spindle',
  'too-slow-here': 'too slow here for carbide',
  'too-fast-here': 'too fast here at the slowest',
};

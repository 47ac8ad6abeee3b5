import type { WearSeen } from '@pike-stone/core/grind';

/** Wear as it is seen on an edge. */
export const WEAR_WORDS: Readonly<Record<WearSeen, { readonly name: string; readonly about: string }>> = {
  blunt: { name: 'Blunt', about: 'it reflects light along the edge' },
  'flank-land': { name: 'Worn land', about: 'a shiny strip under the edge' },
  'nose-worn': { name: 'Nose worn', about: 'a flat or a notch at the nose' },
  cratered: { name: 'Cratered', about: 'a hollow on top behind the edge' },
  'built-up': { name: 'Built-up edge', about: 'work metal welded on the edge' },
  chipped: { name: 'Chipped', about: 'a piece is out of the edge' },
};

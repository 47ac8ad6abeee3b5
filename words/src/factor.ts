import type { FactorName } from '@pike-stone/core';

/** The reason a machinist would give for each factor. */
export const FACTOR_WORDS: Readonly<Record<FactorName, { readonly title: string; readonly why: string }>> = {
  'tired-machine': { title: 'Tired machine', why: 'spindle play and worn gibs: chatter and snatching' },
  'light-machine': { title: 'Light machine', why: 'small castings bend' },
  'no-fluid': { title: 'No fluid', why: 'nothing carries the heat away or keeps the chip from sticking' },
  'interrupted-cut': { title: 'Interrupted cut', why: 'each entry is a blow' },
  'scale-first-pass': {
    title: 'Hard skin, first pass',
    why: 'scale and sand abrade; the depth goes under the skin',
  },
  'long-overhang': { title: 'Long overhang', why: 'it sticks out further than it should and springs away' },
  'very-long-overhang': { title: 'Very long overhang', why: 'half as far again as it should stick out' },
  'full-width-slot': { title: 'Full-width slot', why: 'heat stays in the slot and chips are cut twice' },
  'deep-cut': { title: 'Deep cut', why: 'more of the edge works at once' },
  'hand-fed-drill': { title: 'Fed by hand', why: 'the drill gives way by feel' },
  'deep-hole': { title: 'Deep hole', why: 'over four diameters chips and fluid hardly pass each other' },
  'very-deep-hole': { title: 'Very deep hole', why: 'over six diameters' },
  'light-finishing': {
    title: 'Light finishing',
    why: 'little heat in a thin cut; a fine feed for the surface',
  },
  'unknown-alloy': { title: 'Metal not certain', why: 'it may be a harder row of the chart' },
  'dull-tool': { title: 'Dull tool', why: 'a worn edge heats; sharpening is the better answer' },
};

import type { Kind } from '@pike-stone/contract';

/** What people call the records of a kind. */
export const KIND_WORDS: Readonly<Record<Kind, string>> = {
  machines: 'Machines',
  metals: 'Metals of the shop',
  stock: 'Stock',
  tools: 'Tools',
  supplies: 'Boxes, blanks, wheels, grinders',
  ledger: 'Ledger of the drawer',
  bits: 'Bits to grind and in hand',
  grinds: 'Sessions at the grinder',
  'wheel-book': 'Dress book of the wheels',
  sharpenings: 'Sharpenings',
  rounds: 'Sharpening rounds',
  forms: 'Form cutters',
  runs: 'Runs of trials',
  cuts: 'Cuts in the book',
  comparisons: 'Comparisons',
  proven: 'Proven settings',
  photos: 'Pictures',
  rules: 'Schools and prices',
};

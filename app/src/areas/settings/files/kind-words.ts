import type { Kind } from '@pike-stone/contract';

/** What people call the records of a kind. */
export const KIND_WORDS: Readonly<Record<Kind, string>> = {
  machines: 'Machines',
  metals: 'Metals of the shop',
  stock: 'Stock',
  tools: 'Tools',
  supplies: 'Boxes, blanks, wheels',
  ledger: 'Ledger of the drawer',
  bits: 'Bits to grind and in hand',
  grinds: 'Sessions at the grinder',
  cuts: 'Cuts in the book',
  photos: 'Pictures',
  rules: 'Schools and prices',
};

import type { Prices } from '@pike-stone/core/choose';
import type { Happening } from '../../../data/stock-levels';
import type { Counted } from './used-up';

const edgeCost = ({ price, edgesEach }: Counted, prices: Prices): number =>
  (price ?? prices.insertCost) / (edgesEach ?? prices.edges);

/** An edge that is worn out, or that broke. */
export const edgeGone = (counted: Counted, act: 'used' | 'broken', prices: Prices): Happening => ({
  of: counted.of,
  itemId: counted.itemId,
  act,
  edges: -1,
  cost: edgeCost(counted, prices),
});

/** A bit or a cutter that was ground: what a grind takes off it, and its minutes. */
export const reground = (counted: Counted, prices: Prices): Happening => ({
  of: counted.of,
  itemId: counted.itemId,
  act: 'ground',
  lengthMm: counted.usedUp.by === 'length' ? -counted.usedUp.regrindMm : 0,
  cost: prices.regrindMin * prices.ratePerMin + prices.wheelCostPerGrind,
});

/** So many inserts at a price each, or a length of blank, mm, at its price. */
export const bought = (counted: Counted, amount: number, price: number): Happening => ({
  of: counted.of,
  itemId: counted.itemId,
  act: 'bought',
  ...(counted.usedUp.by === 'edges'
    ? { edges: amount * (counted.edgesEach ?? 1), cost: amount * price }
    : { lengthMm: amount, cost: price }),
});

/** What was counted in the drawer, as the difference from what the ledger says. */
export const recounted = (counted: Counted, now: number, ledgerSays: number): Happening => ({
  of: counted.of,
  itemId: counted.itemId,
  act: 'counted',
  ...(counted.usedUp.by === 'edges' ? { edges: now - ledgerSays } : { lengthMm: now - ledgerSays }),
});

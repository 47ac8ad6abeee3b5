import type { Prices } from '@pike-stone/core/choose';
import type { Happening } from '../../../data/stock-levels';
import type { Counted } from './used-up';

const edgeCost = ({ price, edgesEach }: Counted, prices: Prices): number =>
  (price ?? prices.insertCost) / (edgesEach ?? prices.edges);

/** An edge that is worn out, or that broke. */
export const edgeGone = (of: Counted, act: 'used' | 'broken', prices: Prices): Happening => ({
  of: of.of,
  itemId: of.itemId,
  act,
  edges: -1,
  cost: edgeCost(of, prices),
});

/** A bit or a cutter that was ground: what a grind takes off it, and its minutes. */
export const reground = (of: Counted, prices: Prices): Happening => ({
  of: of.of,
  itemId: of.itemId,
  act: 'ground',
  lengthMm: of.usedUp.by === 'length' ? -of.usedUp.regrindMm : 0,
  cost: prices.regrindMin * prices.ratePerMin + prices.wheelCostPerGrind,
});

/** Inserts, or lengths of blank, that were bought. */
export const bought = (of: Counted, count: number, price: number, lengthMm: number): Happening => ({
  of: of.of,
  itemId: of.itemId,
  act: 'bought',
  edges: of.usedUp.by === 'edges' ? count * (of.edgesEach ?? 1) : 0,
  lengthMm: of.usedUp.by === 'length' ? lengthMm : 0,
  cost: count * price,
});

/** What was counted in the drawer, as the difference from what the ledger says. */
export const counted = (of: Counted, now: number, ledgerSays: number): Happening => ({
  of: of.of,
  itemId: of.itemId,
  act: 'counted',
  ...(of.usedUp.by === 'edges' ? { edges: now - ledgerSays } : { lengthMm: now - ledgerSays }),
});

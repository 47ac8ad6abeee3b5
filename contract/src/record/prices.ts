import type { Prices } from '@pike-stone/core/choose';
import * as z from 'zod';
import { between } from '../fields';

/** Money in the shop's own currency, minutes and lengths; what is divided by is never nothing. */
const MOST = 1e6;
const FROM_NOTHING = [0, MOST] as const;
const ABOVE_NOTHING = [0.01, MOST] as const;
const AT_LEAST_ONE = [1, MOST] as const;

/** Least and most of each price of a shop. */
export const PRICE_LIMITS: Readonly<Record<keyof Prices, readonly [low: number, high: number]>> = {
  ratePerMin: ABOVE_NOTHING,
  idleMin: FROM_NOTHING,
  blankCost: FROM_NOTHING,
  blankUsableMm: FROM_NOTHING,
  regrindRemovedMm: ABOVE_NOTHING,
  firstGrindMin: FROM_NOTHING,
  regrindMin: FROM_NOTHING,
  wheelCostPerGrind: FROM_NOTHING,
  hssResetMin: FROM_NOTHING,
  insertCost: FROM_NOTHING,
  edges: AT_LEAST_ONE,
  extraEdgesLost: FROM_NOTHING,
  holderCost: FROM_NOTHING,
  holderEdgeLives: AT_LEAST_ONE,
  indexMin: FROM_NOTHING,
  scrapCost: FROM_NOTHING,
};

/** Prices that a shop has put in place of the typical ones. */
export const pricesBody = z
  .object(
    Object.fromEntries(
      Object.entries(PRICE_LIMITS).map(([name, [low, high]]) => [name, between(low, high)]),
    ) as Record<keyof Prices, ReturnType<typeof between>>,
  )
  .partial();
export type PricesBody = z.infer<typeof pricesBody>;

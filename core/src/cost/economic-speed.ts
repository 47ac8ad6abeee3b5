import { positive, within } from '../quantity/out-of-range';
import type { TaylorLine } from './taylor';

/** What a minute, a change and an edge cost, in one currency. */
export interface EdgeCost {
  /** Machine and hand together, a minute. */
  readonly ratePerMin: number;
  readonly changeMin: number;
  readonly edgeCost: number;
}

export interface EconomicSpeed {
  readonly minCost: { readonly lifeMin: number; readonly vcMPerMin: number };
  readonly maxOutput: { readonly lifeMin: number; readonly vcMPerMin: number };
  /** The cheaper speed, or the fastest that the machine reaches. */
  readonly setMPerMin: number;
  readonly lifeAtSetMin: number;
  /** Cost of the cut at that speed. */
  readonly costAtSet: number;
  readonly limitedByMachine: boolean;
}

/**
 * The speed at which a cut costs least and the one that makes most parts: between
 * them lies the sensible band.
 *
 * ```
 * T_cost = (1/n - 1)(change + edge cost / rate)     T_output = (1/n - 1) change     V = C / T^n
 * cost of L metres = (L/V) rate + (L/V)/T (change rate + edge cost)
 * ```
 * Source: Gilbert (1950).
 *
 * @param lengthM  path of the edge in the metal, m
 * @param reachableMPerMin  fastest speed of the machine at this diameter
 * @throws OutOfRange for a value that is not above 0
 * @example HSS, n 0.125, C 50, 0.6 a minute, 4 minutes to change, 2 an edge: life 51 min at 30.6 m/min
 */
export function economicSpeed(
  { n, cMPerMin }: TaylorLine,
  cost: EdgeCost,
  lengthM: number,
  reachableMPerMin: number,
): EconomicSpeed {
  const rate = positive('cost of a minute', cost.ratePerMin);
  const change = positive('minutes to change an edge', cost.changeMin);
  const edge = within('cost of an edge', cost.edgeCost, 0, 1e6);
  const c = positive('constant of life', cMPerMin);
  const share = 1 / within('exponent of life', n, 0.01, 0.99) - 1;
  const at = (lifeMin: number) => ({ lifeMin, vcMPerMin: c / lifeMin ** n });
  const minCost = at(share * (change + edge / rate));
  const setMPerMin = Math.min(minCost.vcMPerMin, positive('reachable speed', reachableMPerMin));
  const lifeAtSetMin = (c / setMPerMin) ** (1 / n);
  const minutes = positive('length of cut', lengthM) / setMPerMin;
  return {
    minCost,
    maxOutput: at(share * change),
    setMPerMin,
    lifeAtSetMin,
    costAtSet: minutes * rate + (minutes / lifeAtSetMin) * (change * rate + edge),
    limitedByMachine: minCost.vcMPerMin > reachableMPerMin,
  };
}

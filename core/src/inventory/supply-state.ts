import { regrindsLeft } from '../cost/cost-per-part';
import type { Tally } from './tally';

/** How something is used up: edge by edge, or ground away length by length. */
export type UsedUp =
  | { readonly by: 'edges'; readonly lowAt: number }
  | { readonly by: 'length'; readonly regrindMm: number; readonly lowAt: number };

export type SupplyState = 'uncounted' | 'plenty' | 'low' | 'none';

/** Edges left, or regrinds left. */
export const usesLeft = (of: UsedUp, tally: Pick<Tally, 'edges' | 'lengthMm'>): number =>
  of.by === 'edges' ? Math.max(0, tally.edges) : regrindsLeft(Math.max(0, tally.lengthMm), of.regrindMm);

/**
 * Whether enough is left: low from `lowAt` uses down, none when not one is left, uncounted
 * while the ledger has no entry of it.
 * @example supplyState({ by: 'edges', lowAt: 4 }, { edges: 3, lengthMm: 0, entries: 1 }) // 'low'
 */
export function supplyState(of: UsedUp, tally: Pick<Tally, 'edges' | 'lengthMm' | 'entries'>): SupplyState {
  if (tally.entries === 0) return 'uncounted';
  const left = usesLeft(of, tally);
  if (left < 1) return 'none';
  return left <= of.lowAt ? 'low' : 'plenty';
}

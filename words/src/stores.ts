import type { LedgerAct, SupplyState, UsedUp, Tally } from '@pike-stone/core/inventory';
import { edgesLeft, usesLeft } from '@pike-stone/core/inventory';
import { formatLength, joined, type UnitSystem } from './format';

/** What was done, as it stands in the ledger. */
export const ACT_WORDS: Readonly<Record<LedgerAct, string>> = {
  bought: 'Bought',
  used: 'Edge used up',
  broken: 'Edge broke',
  ground: 'Ground',
  rescued: 'Edge rescued',
  counted: 'Counted',
  'put-back': 'Taken back',
  scrapped: 'To the scrap',
  sold: 'Sold',
};

export const STATE_WORDS: Readonly<Record<SupplyState, string>> = {
  uncounted: 'not counted yet',
  plenty: 'enough',
  low: 'low',
  none: 'none left',
};

/** By how much an entry of the ledger changed what is left; empty where it changed nothing. */
export function sayChange(
  { edges, lengthMm }: { readonly edges: number; readonly lengthMm: number },
  units: UnitSystem,
): string {
  const by = edges === 0 ? lengthMm : edges;
  if (by === 0) return '';
  const size = edges === 0 ? joined(formatLength(Math.abs(lengthMm), units)) : many(Math.abs(edges), 'edge');
  return `${by > 0 ? '+' : '−'}${size}`;
}

const many = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

/** What is left, in the shop's words: "23 edges: 5 inserts and 3 edges of one". */
export function sayLeft(
  of: UsedUp,
  tally: Pick<Tally, 'edges' | 'lengthMm' | 'entries'>,
  edgesEach: number | null,
  units: UnitSystem,
): string {
  if (tally.entries === 0) return 'Not counted yet';
  if (of.by === 'length') {
    const left = joined(formatLength(Math.max(0, tally.lengthMm), units));
    return `${left} left to grind away: ${many(usesLeft(of, tally), 'regrind')}`;
  }
  if (edgesEach === null) return many(usesLeft(of, tally), 'edge');
  const { whole, onOne, short } = edgesLeft(tally.edges, edgesEach);
  if (short) return `${many(-tally.edges, 'edge')} more were taken than counted in: count again`;
  const rest = onOne > 0 ? ` and ${many(onOne, 'edge')} of one` : '';
  return `${many(tally.edges, 'edge')} left: ${many(whole, 'insert')}${rest}`;
}

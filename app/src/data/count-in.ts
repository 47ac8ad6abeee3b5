import type { LedgerBody, StockLevel } from '@pike-stone/contract';
import { EMPTY_TALLY, tallied } from '@pike-stone/core/inventory';

/** One name for a thing of the ledger. */
export const levelKey = ({ of, itemId }: Pick<StockLevel, 'of' | 'itemId'>): string =>
  `${of}/${itemId ?? ''}`;

/** The sums of the ledger with one more entry. */
export function countIn(levels: readonly StockLevel[], entry: LedgerBody): StockLevel[] {
  const known = levels.find((level) => levelKey(level) === levelKey(entry));
  const next = { of: entry.of, itemId: entry.itemId, ...tallied(known ?? EMPTY_TALLY, entry) };
  return known ? levels.map((level) => (level === known ? next : level)) : [...levels, next];
}

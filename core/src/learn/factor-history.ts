import type { FactorTrial } from './factor-grid';
import { shopFactor, type ShopFactor } from './shop-factor';
import type { Verdict } from './was-right';

/** Cuts of a month with one verdict at one setting. */
export interface MonthOfCuts {
  /** As 2026-11. */
  readonly month: string;
  /** Logarithm of set over table, in hundredths. */
  readonly lnRatio: number;
  readonly verdict: Verdict;
  readonly cuts: number;
}

/** The shop's factor as it was known at the end of each month, from all cuts up to then, the oldest month first. */
export function factorHistory(rows: readonly MonthOfCuts[]): (ShopFactor & { readonly month: string })[] {
  const months = [...new Set(rows.map(({ month }) => month))].sort();
  return months.map((month) => {
    const trials = rows
      .filter((row) => row.month <= month)
      .map(({ lnRatio, verdict, cuts }): FactorTrial => ({
        ratio: Math.exp(lnRatio / 100),
        verdict,
        count: cuts,
      }));
    return { month, ...shopFactor(trials) };
  });
}

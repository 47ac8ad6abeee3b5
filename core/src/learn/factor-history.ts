import { trialOf, type CountedCuts } from './factor-grid';
import { shopFactor, type ShopFactor } from './shop-factor';

/** Cuts of a month that said the same of a setting. */
export interface MonthOfCuts extends CountedCuts {
  /** As 2026-11. */
  readonly month: string;
}

/** The shop's factor as it was known at the end of each month, from all cuts up to then, the oldest month first. */
export function factorHistory(rows: readonly MonthOfCuts[]): (ShopFactor & { readonly month: string })[] {
  const months = [...new Set(rows.map(({ month }) => month))].sort();
  return months.map((month) => ({
    month,
    ...shopFactor(rows.filter((row) => row.month <= month).map(trialOf)),
  }));
}

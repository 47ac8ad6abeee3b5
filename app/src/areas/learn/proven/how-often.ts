import type { CutChoice } from '@pike-stone/contract';
import { settingRecords } from '@pike-stone/contract/book';
import type { Setting } from '@pike-stone/core/learn';
import { useOfShop } from '../../../sync/of-shop';

/** Settings within so much of each other are one: a dial is read no closer. */
const SAME_SHARE = 0.03;
const near = (a: number, b: number): boolean => Math.abs(a / b - 1) <= SAME_SHARE;

export interface HowOften {
  readonly cuts: number;
  readonly worked: number;
  /** When it was taken last; null when it never was. */
  readonly lastAt: string | null;
}

/** How often a setting of a cut was taken in this shop, how often it worked, and when last; null until it is known. */
export function useHowOften(cut: CutChoice | null, set: Setting | null): HowOften | null {
  const asked =
    cut
    && new URLSearchParams({
      machine: cut.machineId,
      stock: cut.stockId,
      tool: cut.toolId,
      operation: cut.operation,
    }).toString();
  const { data } = useOfShop(asked && set ? `/api/book/settings?${asked}` : null, settingRecords);
  if (!data || !set) return null;
  const same = data.settings.filter(
    (one) => near(one.rpm, set.rpm) && near(one.feedMmRev, set.feedMmRev) && near(one.depthMm, set.depthMm),
  );
  return {
    cuts: same.reduce((sum, one) => sum + one.cuts, 0),
    worked: same.reduce((sum, one) => sum + one.worked, 0),
    lastAt: same.reduce<string | null>(
      (last, one) => (last !== null && last > one.lastAt ? last : one.lastAt),
      null,
    ),
  };
}

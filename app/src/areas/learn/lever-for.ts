import { usableFeeds, type FeedStep } from '@pike-stone/core';
import type { Setting } from '@pike-stone/core/learn';
import type { CutOf } from './useCutOf';

/** A feed this near to a lever's was set by that lever. */
const SAME_SHARE = 2e-3;

/** The lever of the machine that gives the feed of a setting; null where it is wound by hand. */
export function leverFor({ setup, plan }: CutOf, { rpm, feedMmRev }: Setting): FeedStep | null {
  const { setting } = plan.feed;
  if (setting.how !== 'lever') return null;
  const wanted = setting.per === 'min' ? feedMmRev * rpm : feedMmRev;
  return usableFeeds(setup).find(({ value }) => Math.abs(value / wanted - 1) < SAME_SHARE) ?? null;
}

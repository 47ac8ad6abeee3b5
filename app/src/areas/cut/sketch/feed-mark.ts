import { feedPer } from '@pike-stone/core';
import { formatFeedPerTurn, formatFeedRate, joined } from '@pike-stone/words';
import type { CutMark } from './cut-mark';
import { type SketchInput } from './drawing';

/** The feed figure beside its arrow. */
export function feedMark(input: SketchInput, x: number, y: number, anchor: CutMark['anchor']): CutMark {
  const { plan, units } = input;
  if (plan.feed.setting.how === 'strokes')
    return {
      key: 'feed',
      x,
      y,
      anchor,
      figure: String(plan.feed.setting.perMin),
      after: 'strokes/min',
      says: `${plan.feed.setting.perMin} strokes a minute`,
    };
  const shown =
    plan.feed.setting.how === 'hand'
      ? formatFeedRate(plan.feed.mmMin, units)
      : formatFeedPerTurn(plan.feed.mmRev, units, feedPer(input.setup));
  return {
    key: 'feed',
    x,
    y,
    anchor,
    figure: shown.figure,
    after: shown.unit,
    says: `Feed ${joined(shown)}`,
  };
}

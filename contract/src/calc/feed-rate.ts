import { feedPerTurn, feedRate } from '@pike-stone/core';
import * as z from 'zod';
import { figure, whole, result } from './schema';
import { topic } from './topic';

export const feedRateTopic = topic({
  input: z.union([
    z.strictObject({ spindle_speed_rpm: figure, feed_mm_rev: figure }),
    z.strictObject({ spindle_speed_rpm: figure, feed_per_tooth_mm: figure, teeth: whole(1, 1000) }),
  ]),
  output: z.strictObject({ feed_rate_mm_min: result, feed_mm_rev: result }),
  run: (i) => {
    const feed = 'feed_mm_rev' in i ? i.feed_mm_rev : feedPerTurn(i.feed_per_tooth_mm, i.teeth);
    return { feed_rate_mm_min: feedRate(feed, i.spindle_speed_rpm), feed_mm_rev: feed };
  },
});

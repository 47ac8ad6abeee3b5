import { cutTime, feedRate } from '@pike-stone/core';
import * as z from 'zod';
import { figure, whole, optional, result } from './schema';
import { topic } from './topic';

export const cutTimeTopic = topic({
  input: z.union([
    z.strictObject({
      length_mm: figure,
      feed_mm_rev: figure,
      spindle_speed_rpm: figure,
      approach_mm: optional(figure),
      overrun_mm: optional(figure),
      between_s: optional(figure),
      passes: optional(whole(1, 200)),
    }),
    z.strictObject({
      length_mm: figure,
      feed_rate_mm_min: figure,
      approach_mm: optional(figure),
      overrun_mm: optional(figure),
      between_s: optional(figure),
      passes: optional(whole(1, 200)),
    }),
  ]),
  output: z.strictObject({ time_per_pass_s: result, time_total_s: result }),
  run: (i) => {
    const r = cutTime({
      lengthMm: i.length_mm,
      feedRateMmMin:
        'feed_rate_mm_min' in i ? i.feed_rate_mm_min : feedRate(i.feed_mm_rev, i.spindle_speed_rpm),
      approachMm: i.approach_mm,
      overrunMm: i.overrun_mm,
      passes: i.passes,
      betweenS: i.between_s,
    });
    return { time_per_pass_s: r.perPassS, time_total_s: r.totalS };
  },
});

import { tapTiming } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, figures, optional, result } from './schema';
import { topic } from './topic';

export const tapTimingTopic = topic({
  input: z.strictObject({ tap_times_s: figures(2000), turns_per_tap: optional(figure) }),
  output: z.strictObject({
    spindle_speed_rpm: result.optional(),
    u_rel: result.optional(),
    doubles_dropped: result.optional(),
    missed_taps: result.optional(),
    outliers_dropped: result.optional(),
  }),
  run: (i) => {
    const r = tapTiming(i.tap_times_s, i.turns_per_tap);
    return {
      spindle_speed_rpm: r?.rpm,
      u_rel: r?.uRel,
      doubles_dropped: r?.doublesDropped,
      missed_taps: r?.missedTaps,
      outliers_dropped: r?.outliersDropped,
    };
  },
});

import { shaperFeed } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const shaperFeedTopic = topic({
  input: z.strictObject({
    feed_per_stroke_mm: figure,
    width_mm: figure,
    strokes_per_min: figure,
    overrun_mm: optional(figure),
    pawl_step_mm: optional(figure),
  }),
  output: z.strictObject({
    ratchet_teeth: result.optional(),
    feed_per_stroke_mm: result,
    strokes: result,
    time_min: result,
  }),
  run: (i) => {
    const r = shaperFeed(i.feed_per_stroke_mm, i.width_mm, i.strokes_per_min, i.overrun_mm, i.pawl_step_mm);
    return {
      ratchet_teeth: r.ratchetTeeth ?? undefined,
      feed_per_stroke_mm: r.feedMm,
      strokes: r.strokes,
      time_min: r.minutes,
    };
  },
});

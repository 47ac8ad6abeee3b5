import { feedPerTurn, feedRate, slittingSaw } from '@pike-stone/core';
import * as z from 'zod';
import { figure, whole, result } from './schema';
import { topic } from './topic';

export const slittingSawTopic = topic({
  input: z.strictObject({
    diameter_mm: figure,
    teeth: whole(1, 1000),
    depth_mm: figure,
    feed_per_tooth_mm: figure,
    spindle_speed_rpm: figure,
  }),
  output: z.strictObject({
    engagement_angle_deg: result,
    teeth_in_cut: result,
    max_chip_mm: result,
    mean_chip_mm: result,
    feed_rate_mm_min: result,
  }),
  run: (i) => {
    const r = slittingSaw(i.diameter_mm, i.teeth, i.depth_mm, i.feed_per_tooth_mm);
    return {
      engagement_angle_deg: r.engagementAngleDeg,
      teeth_in_cut: r.teethInCut,
      max_chip_mm: r.maxChipMm,
      mean_chip_mm: r.meanChipMm,
      feed_rate_mm_min: feedRate(feedPerTurn(i.feed_per_tooth_mm, i.teeth), i.spindle_speed_rpm),
    };
  },
});

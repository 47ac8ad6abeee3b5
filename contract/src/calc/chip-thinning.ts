import { feedForChip, toothChip } from '@pike-stone/core';
import * as z from 'zod';
import { figure, oneOf, optional, result } from './schema';
import { topic } from './topic';

export const chipThinningTopic = topic({
  input: z.strictObject({
    diameter_mm: figure,
    width_mm: figure,
    feed_per_tooth_mm: figure,
    placement: optional(oneOf(['edge', 'centred'])),
    entering_angle_deg: optional(figure),
    wanted_chip_mm: optional(figure),
    target: optional(oneOf(['max', 'mean'])),
  }),
  output: z.strictObject({
    engagement_angle_deg: result,
    max_chip_mm: result,
    mean_chip_mm: result,
    feed_per_tooth_for_chip_mm: result.optional(),
  }),
  run: (i) => {
    const c = toothChip(i.diameter_mm, i.width_mm, i.feed_per_tooth_mm, i.placement, i.entering_angle_deg);
    return {
      engagement_angle_deg: c.engagementAngleDeg,
      max_chip_mm: c.maxChipMm,
      mean_chip_mm: c.meanChipMm,
      feed_per_tooth_for_chip_mm:
        i.wanted_chip_mm === undefined
          ? undefined
          : feedForChip(
              i.wanted_chip_mm,
              i.target ?? 'max',
              i.diameter_mm,
              i.width_mm,
              i.placement,
              i.entering_angle_deg,
            ),
    };
  },
});

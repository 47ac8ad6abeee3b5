import { roundInsertChip, straightEdgeChip } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const enteringAngleTopic = topic({
  input: z.union([
    z.strictObject({ feed_mm_rev: figure, depth_mm: figure, entering_angle_deg: figure }),
    z.strictObject({ feed_mm_rev: figure, depth_mm: figure, round_insert_diameter_mm: figure }),
  ]),
  output: z.strictObject({
    chip_width_mm: result,
    mean_chip_mm: result,
    max_chip_mm: result,
    mean_entering_angle_deg: result,
  }),
  run: (i) => {
    const chip =
      'round_insert_diameter_mm' in i
        ? roundInsertChip(i.feed_mm_rev, i.depth_mm, i.round_insert_diameter_mm)
        : straightEdgeChip(i.feed_mm_rev, i.depth_mm, i.entering_angle_deg);
    return {
      chip_width_mm: chip.widthMm,
      mean_chip_mm: chip.meanMm,
      max_chip_mm: chip.maxMm,
      mean_entering_angle_deg: chip.meanEnteringAngleDeg,
    };
  },
});

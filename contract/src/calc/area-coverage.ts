import { areaPlan } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, optional, result } from './schema';
import { topic } from './topic';

export const areaCoverageTopic = topic({
  input: z.strictObject({
    length_mm: figure,
    width_mm: figure,
    cutter_diameter_mm: figure,
    stepover_mm: figure,
    feed_rate_mm_min: figure,
    clearance_mm: optional(figure),
    pattern: optional(oneOf(['one-way', 'both-ways'])),
    return_mm_min: optional(figure),
    ends: optional(oneOf(['cutter-clears', 'centre-clears'])),
    change_s: optional(figure),
  }),
  output: z.strictObject({
    passes: result,
    actual_stepover_mm: result,
    travel_per_pass_mm: result,
    cutting_path_mm: result,
    time_min: result,
  }),
  run: (i) => {
    const r = areaPlan({
      lengthMm: i.length_mm,
      widthMm: i.width_mm,
      cutterMm: i.cutter_diameter_mm,
      stepoverMm: i.stepover_mm,
      feedMmMin: i.feed_rate_mm_min,
      clearanceMm: i.clearance_mm,
      pattern: i.pattern,
      returnMmMin: i.return_mm_min,
      ends: i.ends,
      changeS: i.change_s,
    });
    return {
      passes: r.passes,
      actual_stepover_mm: r.stepoverMm,
      travel_per_pass_mm: r.travelMm,
      cutting_path_mm: r.pathMm,
      time_min: r.minutes,
    };
  },
});

import { threadInfeed } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result, results, whole } from './schema';
import { topic } from './topic';

export const threadInfeedTopic = topic({
  input: z.strictObject({
    depth_mm: figure,
    nose_flat_mm: figure,
    thread_angle_deg: figure,
    compound_angle_deg: figure,
    passes: whole(1, 200).nullable(),
    first_pass_mm: figure.nullable(),
  }),
  output: z.strictObject({
    passes: result,
    cumulative_radial_mm: results,
    compound_reading_mm: results,
    last_infeed_mm: result,
    trailing_shave_mm: result,
  }),
  run: (i) => {
    const r = threadInfeed(
      i.depth_mm,
      i.nose_flat_mm,
      i.thread_angle_deg,
      i.compound_angle_deg,
      i.passes === null ? { firstMm: i.first_pass_mm ?? NaN } : { passes: i.passes },
    );
    return {
      passes: r.passes,
      cumulative_radial_mm: r.radialMm,
      compound_reading_mm: r.compoundMm,
      last_infeed_mm: r.lastMm,
      trailing_shave_mm: r.trailingShaveMm,
    };
  },
});

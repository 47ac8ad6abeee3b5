import { offsetHead } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const offsetHeadTaperTopic = topic({
  input: z.strictObject({
    half_angle_deg: figure,
    work_length_mm: figure,
    head_roll_deg: figure,
    tool_x_mm: figure,
    z_mm: figure,
  }),
  output: z.strictObject({
    offset_mm: result,
    lateral_mm: result,
    height_mm: result,
    radius_mm: result,
    radius_ideal_mm: result,
    diameter_error_mm: result,
  }),
  run: (i) => {
    const r = offsetHead(i.half_angle_deg, i.work_length_mm, i.head_roll_deg, i.tool_x_mm, i.z_mm);
    return {
      offset_mm: r.offsetMm,
      lateral_mm: r.lateralMm,
      height_mm: r.heightMm,
      radius_mm: r.radiusMm,
      radius_ideal_mm: r.idealMm,
      diameter_error_mm: r.diameterErrorMm,
    };
  },
});

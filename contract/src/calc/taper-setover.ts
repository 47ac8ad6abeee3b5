import { tailstockSetover } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taperSetoverTopic = topic({
  input: z.strictObject({
    large_dia_mm: figure,
    small_dia_mm: figure,
    taper_length_mm: figure,
    work_length_mm: figure,
  }),
  output: z.strictObject({
    half_angle_deg: result,
    setover_mm: result,
    setover_simple_mm: result,
    over_limit: z.boolean(),
  }),
  run: (i) => {
    const r = tailstockSetover(i.large_dia_mm, i.small_dia_mm, i.taper_length_mm, i.work_length_mm);
    return {
      half_angle_deg: r.halfDeg,
      setover_mm: r.setoverMm,
      setover_simple_mm: r.simpleMm,
      over_limit: r.overLimit,
    };
  },
});

import { indexRunout } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const indexRunoutTopic = topic({
  input: z.strictObject({
    wheel_radius_mm: figure,
    wheel_raise_mm: figure,
    cutter_diameter_mm: figure,
    index_error_deg: figure,
  }),
  output: z.strictObject({ edge_shift_mm: result, corner_low_mm: result, corner_relief_deg: result }),
  run: (i) => {
    const r = indexRunout(i.wheel_radius_mm, i.wheel_raise_mm, i.cutter_diameter_mm, i.index_error_deg);
    return { edge_shift_mm: r.shiftMm, corner_low_mm: r.lowMm, corner_relief_deg: r.reliefDeg };
  },
});

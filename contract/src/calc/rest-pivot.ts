import { reliefOnHinge } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const restPivotTopic = topic({
  input: z.strictObject({
    pivot_x_mm: figure,
    pivot_y_mm: figure,
    bit_height_mm: figure,
    rest_tilt_deg: figure,
    wheel_radius_mm: figure,
  }),
  output: z.strictObject({ offset_mm: result, angle_deg: result, contact_height_mm: result }),
  run: (i) => {
    const r = reliefOnHinge(
      { xMm: i.pivot_x_mm, yMm: i.pivot_y_mm, bitMm: i.bit_height_mm },
      i.rest_tilt_deg,
      i.wheel_radius_mm,
    );
    return { offset_mm: r.offsetMm, angle_deg: r.angleDeg, contact_height_mm: r.heightMm };
  },
});

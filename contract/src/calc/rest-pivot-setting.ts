import { tiltOnHinge } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const restPivotSettingTopic = topic({
  input: z.strictObject({
    pivot_x_mm: figure,
    pivot_y_mm: figure,
    bit_height_mm: figure,
    wanted_angle_deg: figure,
    wheel_radius_mm: figure,
  }),
  output: z.strictObject({ offset_mm: result, rest_tilt_deg: result, contact_height_mm: result }),
  run: (i) => {
    const r = tiltOnHinge(
      { xMm: i.pivot_x_mm, yMm: i.pivot_y_mm, bitMm: i.bit_height_mm },
      i.wanted_angle_deg,
      i.wheel_radius_mm,
    );
    return { offset_mm: r.offsetMm, rest_tilt_deg: r.tiltDeg, contact_height_mm: r.heightMm };
  },
});

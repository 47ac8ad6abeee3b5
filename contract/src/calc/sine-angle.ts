import { sineAngle } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const sineAngleTopic = topic({
  input: z.strictObject({
    bar_length_mm: figure,
    stack_mm: figure,
    stack_error_um: figure,
    length_error_um: figure,
  }),
  output: z.strictObject({ angle_deg: result, angle_error_arcsec: result }),
  run: (i) => {
    const r = sineAngle(i.bar_length_mm, i.stack_mm, i.stack_error_um, i.length_error_um);
    return { angle_deg: r.angleDeg, angle_error_arcsec: r.errorArcsec };
  },
});

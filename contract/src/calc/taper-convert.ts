import { taperFrom } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const taperConvertTopic = topic({
  input: z.strictObject({
    kind: oneOf(['half-angle-deg', 'included-angle-deg', 'taper-per-foot-in', 'taper-per-mm', 'one-to-x']),
    value: figure,
  }),
  output: z.strictObject({
    taper_per_mm: result,
    taper_per_foot_in: result,
    one_to_x: result,
    half_angle_deg: result,
    included_angle_deg: result,
  }),
  run: (i) => {
    const r = taperFrom(i.kind, i.value);
    return {
      taper_per_mm: r.perMm,
      taper_per_foot_in: r.perFootIn,
      one_to_x: r.oneTo,
      half_angle_deg: r.halfDeg,
      included_angle_deg: r.includedDeg,
    };
  },
});

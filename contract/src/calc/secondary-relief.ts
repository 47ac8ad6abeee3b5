import { secondRelief } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const secondaryReliefTopic = topic({
  input: z.strictObject({
    wheel_radius_mm: figure,
    primary_raise_mm: figure,
    primary_land_mm: figure,
    secondary_relief_deg: figure,
  }),
  output: z.strictObject({ secondary_raise_mm: result, extra_infeed_mm: result }),
  run: (i) => {
    const r = secondRelief(i.wheel_radius_mm, i.primary_raise_mm, i.primary_land_mm, i.secondary_relief_deg);
    return { secondary_raise_mm: r.raiseMm, extra_infeed_mm: r.deeperMm };
  },
});

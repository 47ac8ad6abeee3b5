import { smallestBore } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const boreSmallestTopic = topic({
  input: z.strictObject({
    height_error_mm: figure,
    primary_clearance_deg: figure,
    heel_depth_mm: figure,
    gap_mm: figure,
    land_mm: optional(figure),
    secondary_clearance_deg: optional(figure),
    width_mm: optional(figure),
  }),
  output: z.strictObject({ smallest_bore_mm: result }),
  run: (i) => ({
    smallest_bore_mm: smallestBore(
      {
        heightErrorMm: i.height_error_mm,
        primaryDeg: i.primary_clearance_deg,
        heelMm: i.heel_depth_mm,
        landMm: i.land_mm,
        secondaryDeg: i.secondary_clearance_deg,
        widthMm: i.width_mm,
      },
      i.gap_mm,
    ),
  }),
});

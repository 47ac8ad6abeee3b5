import { secondClearance } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const boreSecondaryTopic = topic({
  input: z.strictObject({
    bore_diameter_mm: figure,
    height_error_mm: figure,
    primary_clearance_deg: figure,
    heel_depth_mm: figure,
    land_mm: figure,
    gap_mm: figure,
  }),
  output: z.strictObject({ secondary_clearance_deg: result }),
  run: (i) => ({
    secondary_clearance_deg: secondClearance(
      { heightErrorMm: i.height_error_mm, primaryDeg: i.primary_clearance_deg, heelMm: i.heel_depth_mm },
      i.land_mm,
      i.bore_diameter_mm,
      i.gap_mm,
    ),
  }),
});

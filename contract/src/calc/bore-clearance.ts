import { boreClearance } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, oneOf, optional, result, yesNo } from './schema';
import { topic } from './topic';

export const boreClearanceTopic = topic({
  input: z.strictObject({
    bore_diameter_mm: figure,
    height_error_mm: figure,
    primary_clearance_deg: figure,
    heel_depth_mm: figure,
    land_mm: optional(figure),
    secondary_clearance_deg: optional(figure),
    width_mm: optional(figure),
  }),
  output: z.strictObject({
    exit_depth_mm: result,
    smallest_gap_mm: result,
    at: oneOf(['heel', 'land end', 'back bottom', 'back top']),
    touches: yesNo,
    clearance_at_nose_deg: result,
  }),
  run: (i) => {
    const r = boreClearance(
      {
        heightErrorMm: i.height_error_mm,
        primaryDeg: i.primary_clearance_deg,
        heelMm: i.heel_depth_mm,
        landMm: i.land_mm,
        secondaryDeg: i.secondary_clearance_deg,
        widthMm: i.width_mm,
      },
      i.bore_diameter_mm,
    );
    return {
      exit_depth_mm: r.exitMm,
      smallest_gap_mm: r.gapMm,
      at: r.at,
      touches: r.touches,
      clearance_at_nose_deg: r.atNoseDeg,
    };
  },
});

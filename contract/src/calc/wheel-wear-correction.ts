import { wearCorrection } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const wheelWearCorrectionTopic = topic({
  input: z.strictObject({
    rest_tilt_deg: figure,
    contact_height_mm: figure,
    radius_before_mm: figure,
    radius_after_mm: figure,
  }),
  output: z.strictObject({
    angle_before_deg: result,
    angle_uncorrected_deg: result,
    new_rest_tilt_deg: result,
    new_contact_height_mm: result,
  }),
  run: (i) => {
    const r = wearCorrection(i.rest_tilt_deg, i.contact_height_mm, i.radius_before_mm, i.radius_after_mm);
    return {
      angle_before_deg: r.beforeDeg,
      angle_uncorrected_deg: r.uncorrectedDeg,
      new_rest_tilt_deg: r.tiltDeg,
      new_contact_height_mm: r.heightMm,
    };
  },
});

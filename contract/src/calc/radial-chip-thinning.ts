import { radialThinning } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const radialChipThinningTopic = topic({
  input: z.strictObject({
    cutter_diameter_mm: figure,
    ae_mm: figure,
    fz_mm: figure,
    compensation_cap: figure,
  }),
  output: z.strictObject({ h_max_mm: result, compensation: result, fz_compensated_mm: result }),
  run: (i) => {
    const r = radialThinning(i.cutter_diameter_mm, i.ae_mm, i.fz_mm, i.compensation_cap);
    return { h_max_mm: r.hMaxMm, compensation: r.compensation, fz_compensated_mm: r.fzCompensatedMm };
  },
});

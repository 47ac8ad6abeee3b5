import { sineStack } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, result, yesNo } from './schema';
import { topic } from './topic';

export const sineStackTopic = topic({
  input: z.strictObject({ bar_length_mm: figure, angle_deg: figure }),
  output: z.strictObject({ stack_mm: result, sensitivity_arcsec_per_um: result, advise_complement: yesNo }),
  run: (i) => {
    const r = sineStack(i.bar_length_mm, i.angle_deg);
    return {
      stack_mm: r.stackMm,
      sensitivity_arcsec_per_um: r.arcsecPerUm,
      advise_complement: r.adviseComplement,
    };
  },
});

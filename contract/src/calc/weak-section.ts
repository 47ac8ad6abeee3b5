import { weakSection } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const weakSectionTopic = topic({
  input: z.strictObject({
    force_n: figure,
    overhang_mm: figure,
    width_mm: figure,
    height_mm: figure,
    modulus_gpa: figure,
  }),
  output: z.strictObject({ bending_stress_mpa: result, deflection_mm: result }),
  run: (i) => {
    const r = weakSection(i.force_n, i.overhang_mm, i.width_mm, i.height_mm, i.modulus_gpa);
    return { bending_stress_mpa: r.stressMPa, deflection_mm: r.springMm };
  },
});

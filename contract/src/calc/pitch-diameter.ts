import { pitchDiameter } from '@pike-stone/core';
import * as z from 'zod';
import { figure, optional, result, beltSection } from './schema';
import { topic } from './topic';

export const pitchDiameterTopic = topic({
  input: z.strictObject({
    outside_diameter_mm: figure,
    section: beltSection,
    thickness_mm: optional(figure),
    u_outside_mm: optional(figure),
  }),
  output: z.strictObject({ pitch_diameter_mm: result, u_mm: result }),
  run: (i) => {
    const r = pitchDiameter(i.outside_diameter_mm, i.section, i.thickness_mm, i.u_outside_mm);
    return { pitch_diameter_mm: r.mm, u_mm: r.uMm };
  },
});

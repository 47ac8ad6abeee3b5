import { workDeflection } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result, support } from './schema';
import { topic } from './topic';

export const workDeflectionTopic = topic({
  input: z.strictObject({
    support: support,
    E_GPa: figure,
    diameter_mm: figure,
    bore_mm: figure,
    length_mm: figure,
    position_mm: figure,
    radial_force_N: figure,
  }),
  output: z.strictObject({
    I_mm4: result,
    deflection_mm: result,
    diameter_error_mm: result,
    length_over_diameter: result,
    allowable_length_over_diameter: result,
    over_allowable: z.boolean(),
  }),
  run: (i) => {
    const r = workDeflection(
      i.support,
      i.E_GPa,
      i.diameter_mm,
      i.bore_mm,
      i.length_mm,
      i.position_mm,
      i.radial_force_N,
    );
    return {
      I_mm4: r.inertiaMm4,
      deflection_mm: r.deflectionMm,
      diameter_error_mm: r.diameterErrorMm,
      length_over_diameter: r.slenderness,
      allowable_length_over_diameter: r.allowable,
      over_allowable: r.overAllowable,
    };
  },
});

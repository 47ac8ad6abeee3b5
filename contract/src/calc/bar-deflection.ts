import { barDeflection } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const barDeflectionTopic = topic({
  input: z.strictObject({
    bar_material: oneOf(['steel', 'heavy-metal', 'carbide']),
    bar_diameter_mm: figure,
    overhang_mm: figure,
    radial_force_N: figure,
    tangential_force_N: figure,
  }),
  output: z.strictObject({
    deflection_radial_mm: result,
    deflection_tangential_mm: result,
    diameter_error_mm: result,
    overhang_over_diameter: result,
    allowable_overhang_over_diameter: result,
    over_allowable: z.boolean(),
  }),
  run: (i) => {
    const r = barDeflection(
      i.bar_material,
      i.bar_diameter_mm,
      i.overhang_mm,
      i.radial_force_N,
      i.tangential_force_N,
    );
    return {
      deflection_radial_mm: r.radialMm,
      deflection_tangential_mm: r.tangentialMm,
      diameter_error_mm: r.diameterErrorMm,
      overhang_over_diameter: r.overhangRatio,
      allowable_overhang_over_diameter: r.allowable,
      over_allowable: r.overAllowable,
    };
  },
});

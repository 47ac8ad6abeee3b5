import { millingRoughness } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, whole, result } from './schema';
import { topic } from './topic';

export const millingRoughnessTopic = topic({
  input: z.strictObject({
    kind: oneOf(['peripheral', 'face-nose', 'end-dish']),
    cutter_diameter_mm: figure,
    fz_mm: figure,
    teeth: whole(1, 1000),
    nose_radius_mm: figure,
    dish_deg: figure,
  }),
  output: z.strictObject({ Rt_tooth_um: result, Rt_rev_um: result }),
  run: (i) => {
    const r = millingRoughness(i.kind, i.cutter_diameter_mm, i.fz_mm, i.teeth, i.nose_radius_mm, i.dish_deg);
    return { Rt_tooth_um: r.everyToothUm, Rt_rev_um: r.oneToothUm };
  },
});

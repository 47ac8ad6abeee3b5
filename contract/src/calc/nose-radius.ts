import { noseRounding } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const noseRadiusTopic = topic({
  input: z.strictObject({ nose_radius_mm: figure, kappa_deg: figure, kappa2_deg: figure }),
  output: z.strictObject({ point_angle_deg: result, along_bisector_mm: result, back_mm: result }),
  run: (i) => {
    const r = noseRounding(i.nose_radius_mm, i.kappa_deg, i.kappa2_deg);
    return { point_angle_deg: r.pointDeg, along_bisector_mm: r.alongBisectorMm, back_mm: r.backMm };
  },
});

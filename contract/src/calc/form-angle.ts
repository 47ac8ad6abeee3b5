import { formAngle } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const formAngleTopic = topic({
  input: z.strictObject({
    kind: oneOf(['outside', 'bore']),
    half_plan_deg: figure,
    back_rake_deg: figure,
    diameter_mm: figure,
    depth_mm: figure,
  }),
  output: z.strictObject({ half_in_face_deg: result, half_cut_deg: result, plan_depth_mm: result }),
  run: (i) => {
    const r = formAngle(i.kind, i.half_plan_deg, i.back_rake_deg, i.diameter_mm, i.depth_mm);
    return { half_in_face_deg: r.inFaceDeg, half_cut_deg: r.cutDeg, plan_depth_mm: r.planDepthMm };
  },
});

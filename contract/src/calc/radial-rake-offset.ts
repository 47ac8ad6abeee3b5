import { rakeOffset } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const radialRakeOffsetTopic = topic({
  input: z.strictObject({ cutter_diameter_mm: figure, rake_deg: figure, form_depth_mm: figure }),
  output: z.strictObject({ offset_mm: result, rake_at_root_deg: result, face_depth_mm: result }),
  run: (i) => {
    const r = rakeOffset(i.cutter_diameter_mm, i.rake_deg, i.form_depth_mm);
    return { offset_mm: r.offsetMm, rake_at_root_deg: r.rakeAtRootDeg, face_depth_mm: r.faceDepthMm };
  },
});

import { threadDepth } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const threadDepthTopic = topic({
  input: z.strictObject({
    form: oneOf(['iso-60', 'form-55']),
    pitch_mm: figure,
    major_mm: figure,
    nose_flat_mm: figure,
    nose_radius_mm: figure,
  }),
  output: z.strictObject({
    H_mm: result,
    depth_mm: result,
    root_dia_mm: result,
    pitch_dia_mm: result,
    minor_internal_mm: result,
    minor_external_mm: result,
  }),
  run: (i) => {
    const r = threadDepth(i.form, i.pitch_mm, i.major_mm, i.nose_flat_mm, i.nose_radius_mm);
    return {
      H_mm: r.sharpMm,
      depth_mm: r.depthMm,
      root_dia_mm: r.rootMm,
      pitch_dia_mm: r.pitchDiameterMm,
      minor_internal_mm: r.minorInsideMm,
      minor_external_mm: r.minorOutsideMm,
    };
  },
});

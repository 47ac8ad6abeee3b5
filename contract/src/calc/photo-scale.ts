import { photoSize } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const photoScaleTopic = topic({
  input: z.strictObject({
    known_mm: figure,
    known_px: figure,
    feature_px: figure,
    feature_above_plane_mm: figure,
    camera_distance_mm: figure,
  }),
  output: z.strictObject({ mm_per_px: result, apparent_mm: result, true_mm: result, error_percent: result }),
  run: (i) => {
    const r = photoSize({
      knownMm: i.known_mm,
      knownPx: i.known_px,
      featurePx: i.feature_px,
      abovePlaneMm: i.feature_above_plane_mm,
      cameraMm: i.camera_distance_mm,
    });
    return {
      mm_per_px: r.mmPerPx,
      apparent_mm: r.apparentMm,
      true_mm: r.trueMm,
      error_percent: r.errorShare * 100,
    };
  },
});

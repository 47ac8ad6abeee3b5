import { faceNormals, groundVolume } from '@pike-stone/core/grind';
import * as z from 'zod';
import { anglesOf, bitAngles } from './bit-fields';
import { figure, oneOf, result, results } from './schema';
import { topic } from './topic';

export const bitVolumeTopic = topic({
  heavy: true,
  input: z.strictObject({
    length_mm: figure,
    width_mm: figure,
    height_mm: figure,
    nose_back_mm: figure,
    nose_in_mm: figure,
    nose_down_mm: figure,
    ...bitAngles,
    rake_reach_mm: figure,
    major_reach_mm: figure,
    minor_reach_mm: figure,
    order: z.array(oneOf(['rake', 'major', 'minor'])).length(3, 'Each face once.'),
  }),
  output: z.strictObject({ removed_by_step_mm3: results, removed_mm3: result, remaining_mm3: result }),
  run: (i) => {
    const r = groundVolume(
      { section: 'square', lengthMm: i.length_mm, widthMm: i.width_mm, heightMm: i.height_mm },
      faceNormals(anglesOf(i), 'right'),
      [-i.nose_back_mm, -i.nose_in_mm, -i.nose_down_mm],
      { rake: i.rake_reach_mm, major: i.major_reach_mm, minor: i.minor_reach_mm },
      i.order,
    );
    return {
      removed_by_step_mm3: r.removedMm3,
      removed_mm3: r.removedMm3.reduce((sum, one) => sum + one, 0),
      remaining_mm3: r.volumeMm3,
    };
  },
});

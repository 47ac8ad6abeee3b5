import { faceNormals, wedgeDeg } from '@pike-stone/core/grind';
import * as z from 'zod';
import { anglesOf, bitAngles } from './bit-fields';
import { oneOf, result, results } from './schema';
import { topic } from './topic';

export const faceNormalTopic = topic({
  input: z.strictObject({ ...bitAngles, hand: oneOf(['right', 'left']) }),
  output: z.strictObject({
    rake_normal: results,
    major_normal: results,
    minor_normal: results,
    wedge_n_major_deg: result,
    wedge_n_minor_deg: result,
  }),
  run: (i) => {
    const { rake, major, minor } = faceNormals(anglesOf(i), i.hand);
    return {
      rake_normal: rake,
      major_normal: major,
      minor_normal: minor,
      wedge_n_major_deg: wedgeDeg(rake, major),
      wedge_n_minor_deg: wedgeDeg(rake, minor),
    };
  },
});

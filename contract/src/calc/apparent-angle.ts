import { apparentClearance, apparentRake, faceNormals } from '@pike-stone/core/grind';
import * as z from 'zod';
import { anglesOf, bitAngles } from './bit-fields';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const apparentAngleTopic = topic({
  input: z.strictObject({ ...bitAngles, face: oneOf(['rake', 'major', 'minor']), azimuth_deg: figure }),
  output: z.strictObject({ apparent_deg: result }),
  run: (i) => {
    const normal = faceNormals(anglesOf(i), 'right')[i.face];
    return {
      apparent_deg:
        i.face === 'rake' ? apparentRake(normal, i.azimuth_deg) : apparentClearance(normal, i.azimuth_deg),
    };
  },
});

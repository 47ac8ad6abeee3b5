import { faceNormals, heelRelief } from '@pike-stone/core/grind';
import * as z from 'zod';
import { anglesOf, bitAngles } from './bit-fields';
import { figure, oneOf, result, results } from './schema';
import { topic } from './topic';

export const heelReliefTopic = topic({
  input: z.strictObject({
    ...bitAngles,
    face: oneOf(['major', 'minor']),
    alpha_n2_deg: figure,
    land_mm: figure,
  }),
  output: z.strictObject({ normal: results, offset_mm: result }),
  run: (i) => {
    const normals = faceNormals(anglesOf(i), 'right');
    const r = heelRelief(normals.rake, normals[i.face], i.alpha_n2_deg, i.land_mm);
    return { normal: r.normal, offset_mm: r.offsetMm };
  },
});

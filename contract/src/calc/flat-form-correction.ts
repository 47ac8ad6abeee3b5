import { flatCorrection } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, figures, results } from './schema';
import { topic } from './topic';

export const flatFormCorrectionTopic = topic({
  input: z.strictObject({ radiiMm: figures(200), topRakeDeg: figure, clearanceDeg: figure }),
  output: z.strictObject({ faceDepthsMm: results, normalDepthsMm: results, uncorrectedRadiiMm: results }),
  run: (i) => flatCorrection(i.radiiMm, i.topRakeDeg, i.clearanceDeg),
});

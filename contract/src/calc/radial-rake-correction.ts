import { rakedCutter } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, figures, result, results } from './schema';
import { topic } from './topic';

export const radialRakeCorrectionTopic = topic({
  input: z.strictObject({
    cutterRadiusMm: figure,
    radialRakeDeg: figure,
    depthsMm: figures(200),
    reliefDropMmPerRad: figure,
  }),
  output: z.strictObject({
    faceOffsetMm: result,
    faceDepthsMm: results,
    bodyDepthsMm: results,
    uncorrectedDepthsMm: results,
  }),
  run: (i) => rakedCutter(i.cutterRadiusMm, i.radialRakeDeg, i.depthsMm, i.reliefDropMmPerRad),
});

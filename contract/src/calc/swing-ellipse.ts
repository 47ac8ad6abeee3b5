import { swingEllipse } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const swingEllipseTopic = topic({
  input: z.strictObject({ swingRadiusMm: figure, clearanceDeg: figure, fromDeg: figure, toDeg: figure }),
  output: z.strictObject({
    depthSemiAxisMm: result,
    widthSemiAxisMm: result,
    apexCurvatureRadiusMm: result,
    maxDeviationMm: result,
    correctedSwingMm: result,
    remainingDeviationMm: result,
  }),
  run: (i) => {
    const r = swingEllipse(i.swingRadiusMm, i.clearanceDeg, i.fromDeg, i.toDeg);
    return {
      depthSemiAxisMm: r.depthSemiAxisMm,
      widthSemiAxisMm: r.widthSemiAxisMm,
      apexCurvatureRadiusMm: r.apexRadiusMm,
      maxDeviationMm: r.maxDeviationMm,
      correctedSwingMm: r.correctedSwingMm,
      remainingDeviationMm: r.remainingMm,
    };
  },
});

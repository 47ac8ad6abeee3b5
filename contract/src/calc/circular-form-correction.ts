import { circularCorrection } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, figures, result, results } from './schema';
import { topic } from './topic';

export const circularFormCorrectionTopic = topic({
  input: z.strictObject({
    toolRadiusMm: figure,
    radiiMm: figures(200),
    topRakeDeg: figure,
    clearanceDeg: figure,
  }),
  output: z.strictObject({ centreRaisedMm: result, faceBelowToolCentreMm: result, toolRadiiMm: results }),
  run: (i) => {
    const r = circularCorrection(i.toolRadiusMm, i.radiiMm, i.topRakeDeg, i.clearanceDeg);
    return {
      centreRaisedMm: r.centreRaisedMm,
      faceBelowToolCentreMm: r.faceBelowMm,
      toolRadiiMm: r.toolRadiiMm,
    };
  },
});

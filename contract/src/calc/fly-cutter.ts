import { flankRelief, formPasses, heelClearance } from '@pike-stone/core/form';
import { points } from './gear-fields';
import * as z from 'zod';
import { figure, result, results, whole } from './schema';
import { topic } from './topic';

export const flyCutterTopic = topic({
  input: z.strictObject({
    swingRadiusMm: figure,
    bodyThicknessMm: figure,
    clearanceDeg: figure,
    flankAngleDeg: figure,
    wholeDepthMm: figure,
    widths: points,
    roughPasses: whole(1, 40),
    finishMm: figure,
  }),
  output: z.strictObject({ leastClearanceDeg: result, sideClearanceDeg: result, depthsMm: results }),
  run: (i) => ({
    leastClearanceDeg: heelClearance(i.swingRadiusMm, i.bodyThicknessMm),
    sideClearanceDeg: flankRelief(i.clearanceDeg, i.flankAngleDeg),
    depthsMm: formPasses(i.widths, i.wholeDepthMm, i.roughPasses, i.finishMm),
  }),
});

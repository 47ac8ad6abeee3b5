import { distanceFrom, profileLength, sampled, selfCrossing } from '@pike-stone/core/form';
import { corners, points } from './gear-fields';
import * as z from 'zod';
import { figure, result, results, yesNo } from './schema';
import { topic } from './topic';

export const profileMeasureTopic = topic({
  input: z.strictObject({ vertices: corners, probes: points, chordErrorMm: figure }),
  output: z.strictObject({
    lengthMm: result,
    distancesMm: results,
    sampleCount: result,
    selfIntersects: yesNo,
  }),
  run: (i) => {
    const chain = sampled(i.vertices, i.chordErrorMm);
    return {
      lengthMm: profileLength(i.vertices),
      distancesMm: i.probes.map((probe) => distanceFrom(i.vertices, probe)),
      sampleCount: chain.length,
      selfIntersects: selfCrossing(chain) !== null,
    };
  },
});

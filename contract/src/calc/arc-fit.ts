import {
  arcsWithin,
  biarc,
  circleOfBestFit,
  circleOfThree,
  distanceFrom,
  involuteCurve,
  type CurvePoint,
} from '@pike-stone/core/form';
import * as z from 'zod';
import { point, points } from './gear-fields';
import { figure, result, results } from './schema';
import { topic } from './topic';

/** Points of the curve at which the fit is proved: more than those it was made from. */
const PROOF_POINTS = 1700;

const towards = (at: CurvePoint['at'], [x, y]: CurvePoint['at']): CurvePoint => {
  const length = Math.hypot(x, y);
  return { at, direction: [x / length, y / length] };
};

export const arcFitTopic = topic({
  heavy: true,
  input: z.discriminatedUnion('method', [
    z.strictObject({ method: z.literal('three-point'), points }),
    z.strictObject({ method: z.literal('least-squares'), points }),
    z.strictObject({
      method: z.literal('biarc'),
      start: point,
      startTangent: point,
      end: point,
      endTangent: point,
    }),
    z.strictObject({
      method: z.literal('within-tolerance'),
      baseRadiusMm: figure,
      fromRadiusMm: figure,
      toRadiusMm: figure,
      toleranceMm: figure,
    }),
  ]),
  output: z.strictObject({
    centre: results.optional(),
    radiusMm: result.optional(),
    maxDeviationMm: result.optional(),
    join: results.optional(),
    firstRadiusMm: result.optional(),
    secondRadiusMm: result.optional(),
    bulges: results.optional(),
    arcCount: result.optional(),
    deviationMm: result.optional(),
  }),
  run: (i) => {
    if (i.method === 'three-point') return circleOfThree(...(i.points as Parameters<typeof circleOfThree>));
    if (i.method === 'least-squares') return circleOfBestFit(i.points);
    if (i.method === 'biarc') {
      const { joinMm, bulges, firstRadiusMm, secondRadiusMm } = biarc(
        towards(i.start, i.startTangent),
        towards(i.end, i.endTangent),
      );
      return { join: joinMm, bulges, firstRadiusMm, secondRadiusMm };
    }
    const fitted = arcsWithin(involuteCurve(i.baseRadiusMm, i.fromRadiusMm, i.toRadiusMm), i.toleranceMm);
    const proof = involuteCurve(i.baseRadiusMm, i.fromRadiusMm, i.toRadiusMm, 0, PROOF_POINTS);
    return {
      arcCount: fitted.length - 1,
      deviationMm: Math.max(...proof.map(({ at }) => distanceFrom(fitted, at))),
    };
  },
});

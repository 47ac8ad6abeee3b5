import { acceptAngle, JUDGED_ANGLES, type JudgedAngle } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

const features = JUDGED_ANGLES as [JudgedAngle, ...JudgedAngle[]];

export const angleAcceptanceTopic = topic({
  input: z.strictObject({
    feature: oneOf(features),
    target_deg: figure,
    measured_deg: figure,
    uncertainty_deg: figure,
  }),
  output: z.strictObject({
    deviation_deg: result,
    low_deg: result,
    high_deg: result,
    verdict: oneOf(['accept', 'uncertain', 'regrind']),
  }),
  run: (i) => {
    const r = acceptAngle(i.feature, i.target_deg, i.measured_deg, i.uncertainty_deg);
    return { deviation_deg: r.deviationDeg, low_deg: r.lowDeg, high_deg: r.highDeg, verdict: r.verdict };
  },
});

import { identifyGear, type GearCandidate } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, oneOf, result, results, whole } from './schema';
import { topic } from './topic';

const candidate = z.strictObject({
  system: oneOf(['module', 'diametral-pitch']),
  size: result,
  pressureAngleDeg: result,
  addendumFactor: result,
  profileShift: result,
});

const said = ({ system, size, gear }: GearCandidate) => ({
  system,
  size,
  pressureAngleDeg: gear.rack.pressureAngleDeg,
  addendumFactor: gear.rack.addendum,
  profileShift: gear.shift,
});

export const identifyGearTopic = topic({
  input: z.strictObject({
    toothCount: whole(6, 2000),
    outsideDiameterMm: figure,
    spans: z
      .array(z.strictObject({ teeth: whole(1, 500), lengthMm: figure }))
      .min(1, 'Give at least one.')
      .max(20, 'No more than 20.'),
    sigmaOutsideMm: figure,
    sigmaSpanMm: figure,
  }),
  output: z.strictObject({
    best: candidate,
    outsideResidualMm: result,
    spanResidualsMm: results,
    score: result,
    runnerUp: candidate,
    runnerUpScore: result,
  }),
  run: (i) => {
    const [best, runnerUp] = identifyGear({
      teeth: i.toothCount,
      outsideMm: i.outsideDiameterMm,
      spans: i.spans,
      doubtMm: { outside: i.sigmaOutsideMm, span: i.sigmaSpanMm },
    }) as [GearCandidate, GearCandidate];
    return {
      best: said(best),
      outsideResidualMm: best.outsideResidualMm,
      spanResidualsMm: best.spanResidualsMm,
      score: best.score,
      runnerUp: said(runnerUp),
      runnerUpScore: runnerUp.score,
    };
  },
});

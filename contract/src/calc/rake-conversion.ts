import { rakeAtEdge } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const rakeConversionTopic = topic({
  input: z.strictObject({ side_rake_deg: figure, back_rake_deg: figure, kappa_deg: figure }),
  output: z.strictObject({
    gamma_o_deg: result,
    lambda_s_deg: result,
    gamma_n_deg: result,
    steepest_deg: result,
    steepest_azimuth_deg: result,
  }),
  run: (i) => {
    const r = rakeAtEdge(i.side_rake_deg, i.back_rake_deg, i.kappa_deg);
    return {
      gamma_o_deg: r.orthogonalDeg,
      lambda_s_deg: r.inclinationDeg,
      gamma_n_deg: r.normalDeg,
      steepest_deg: r.steepestDeg,
      steepest_azimuth_deg: r.steepestAzimuthDeg,
    };
  },
});

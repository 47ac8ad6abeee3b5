import { rakesToGrind } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const rakeInverseTopic = topic({
  input: z.strictObject({ gamma_n_deg: figure, lambda_s_deg: figure, kappa_deg: figure }),
  output: z.strictObject({ side_rake_deg: result, back_rake_deg: result, gamma_o_deg: result }),
  run: (i) => {
    const r = rakesToGrind(i.gamma_n_deg, i.lambda_s_deg, i.kappa_deg);
    return { side_rake_deg: r.sideRakeDeg, back_rake_deg: r.backRakeDeg, gamma_o_deg: r.orthogonalDeg };
  },
});

import { clearanceToGrind } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const clearanceInverseTopic = topic({
  input: z.strictObject({ alpha_n_deg: figure, lambda_s_deg: figure, kappa_deg: figure }),
  output: z.strictObject({ alpha_o_deg: result, side_clearance_deg: result, alpha_p_deg: result }),
  run: (i) => {
    const r = clearanceToGrind(i.alpha_n_deg, i.lambda_s_deg, i.kappa_deg);
    return {
      alpha_o_deg: r.orthogonalDeg,
      side_clearance_deg: r.sideClearanceDeg,
      alpha_p_deg: r.alongShankDeg,
    };
  },
});

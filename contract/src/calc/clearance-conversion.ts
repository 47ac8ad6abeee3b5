import { clearanceAtEdge } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const clearanceConversionTopic = topic({
  input: z.strictObject({ side_clearance_deg: figure, lambda_s_deg: figure, kappa_deg: figure }),
  output: z.strictObject({ alpha_o_deg: result, alpha_n_deg: result, alpha_p_deg: result }),
  run: (i) => {
    const r = clearanceAtEdge(i.side_clearance_deg, i.lambda_s_deg, i.kappa_deg);
    return { alpha_o_deg: r.orthogonalDeg, alpha_n_deg: r.normalDeg, alpha_p_deg: r.alongShankDeg };
  },
});

import { heightError } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, figures, result, results } from './schema';
import { topic } from './topic';

export const centreErrorProfileTopic = topic({
  input: z.strictObject({ radiiMm: figures(200), topRakeDeg: figure, heightErrorMm: figure }),
  output: z.strictObject({ cutRadiiMm: results, radiusErrorsUm: results, rakeChangeDeg: result }),
  run: (i) => {
    const r = heightError(i.radiiMm, i.topRakeDeg, i.heightErrorMm);
    return {
      cutRadiiMm: r.cutRadiiMm,
      radiusErrorsUm: r.errorsMm.map((error) => error * 1000),
      rakeChangeDeg: r.rakeChangeDeg,
    };
  },
});

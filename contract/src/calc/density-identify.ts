import { densityOf, identify } from '@pike-stone/core/identify';
import * as z from 'zod';
import { result } from './schema';
import { topic } from './topic';
import { odds, priors, weighing } from './weighing';

export const densityIdentifyTopic = topic({
  input: z.looseObject({ priors }).transform(({ priors: before, ...of }, ctx) => {
    const read = weighing.safeParse(of);
    if (read.success) return { before, of: read.data };
    for (const issue of read.error.issues)
      ctx.addIssue({ code: 'custom', message: issue.message, path: issue.path as string[] });
    return z.NEVER;
  }),
  output: z.strictObject({ density_g_cm3: result, u_g_cm3: result, posterior: odds, best: z.string() }),
  run: (i) => {
    const density = densityOf(i.of);
    const found = identify({ weighing: i.of }, i.before);
    return { density_g_cm3: density.gCm3, u_g_cm3: density.uGCm3, posterior: found.odds, best: found.best };
  },
});

import { rankCorrelation } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figures, result } from './schema';
import { topic } from './topic';

export const rankCorrelationTopic = topic({
  input: z.strictObject({ x: figures(10_000), y: figures(10_000) }),
  output: z.strictObject({ rho: result }),
  run: (i) => ({ rho: rankCorrelation(i.x, i.y) }),
});

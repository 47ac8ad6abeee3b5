import { DEG } from '@pike-stone/core';
import { inverseInvolute } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const inverseInvoluteTopic = topic({
  input: z.strictObject({ involute: figure }),
  output: z.strictObject({ angleDeg: result }),
  run: (i) => ({ angleDeg: inverseInvolute(i.involute) / DEG }),
});

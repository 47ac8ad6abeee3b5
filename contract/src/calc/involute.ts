import { DEG } from '@pike-stone/core';
import { involute } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const involuteTopic = topic({
  input: z.strictObject({ angleDeg: figure }),
  output: z.strictObject({ involute: result }),
  run: (i) => ({ involute: involute(i.angleDeg * DEG) }),
});

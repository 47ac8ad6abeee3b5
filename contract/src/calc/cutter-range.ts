import { cutterRange } from '@pike-stone/core/form';
import * as z from 'zod';
import { result, whole } from './schema';
import { topic } from './topic';

export const cutterRangeTopic = topic({
  input: z.strictObject({ toothCount: whole(1, 2000).nullable() }),
  output: z.strictObject({
    number: result.nullable(),
    fromTeeth: result.optional(),
    toTeeth: result.nullable().optional(),
  }),
  run: (i) => cutterRange(i.toothCount) ?? { number: null },
});

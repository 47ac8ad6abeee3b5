import { ABRASIVES, abrasiveFor, FORBIDDEN_MATERIALS, GROUND_MATERIALS } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { oneOf } from './schema';
import { topic } from './topic';

export const abrasiveMatchTopic = topic({
  input: z.strictObject({
    work_material: oneOf([...GROUND_MATERIALS, ...FORBIDDEN_MATERIALS]),
    abrasive: oneOf(ABRASIVES),
  }),
  output: z.strictObject({ verdict: oneOf(['suitable', 'possible', 'unsuitable', 'forbidden']) }),
  run: (i) => ({ verdict: abrasiveFor(i.work_material, i.abrasive) }),
});

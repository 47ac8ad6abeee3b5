import { compoundIndexing } from '@pike-stone/core/setting';
import { headFields } from './head-fields';
import * as z from 'zod';
import { result, yesNo } from './schema';
import { topic } from './topic';

export const compoundIndexingTopic = topic({
  heavy: true,
  input: z.strictObject({ ...headFields }),
  output: z.strictObject({
    feasible: yesNo,
    min_total_holes: result.optional(),
    first_holes: result.optional(),
    first_circle: result.optional(),
    second_holes: result.optional(),
    second_circle: result.optional(),
  }),
  run: (i) => {
    const r = compoundIndexing(i.ratio, i.divisions, i.plates);
    return r === null
      ? { feasible: false }
      : {
          feasible: true,
          min_total_holes: r.totalHoles,
          first_holes: r.first.holes,
          first_circle: r.first.circle,
          second_holes: r.second.holes,
          second_circle: r.second.circle,
        };
  },
});

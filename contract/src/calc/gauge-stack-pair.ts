import { gaugeStackPair } from '@pike-stone/core/setting';
import { setFields, piecesOfSet } from './stack-fields';
import * as z from 'zod';
import { figure, result, results, whole, yesNo } from './schema';
import { topic } from './topic';

export const gaugeStackPairTopic = topic({
  heavy: true,
  input: z.strictObject({
    ...setFields,
    target_1: figure,
    target_2: figure,
    tolerance: figure,
    max_pieces_each: whole(1, 6),
  }),
  output: z.strictObject({
    feasible: yesNo,
    total_count: result.optional(),
    pieces_1: results.optional(),
    pieces_2: results.optional(),
  }),
  run: (i) => {
    const r = gaugeStackPair(
      i.unit,
      piecesOfSet(i),
      [i.target_1, i.target_2],
      i.tolerance,
      i.max_pieces_each,
    );
    return r.feasible
      ? { feasible: true, total_count: r.totalCount, pieces_1: r.first, pieces_2: r.second }
      : { feasible: false };
  },
});

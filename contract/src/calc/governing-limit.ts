import { governingLimit } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, limits, result } from './schema';
import { topic } from './topic';

export const governingLimitTopic = topic({
  input: z.strictObject({ uppers: limits, lowers: limits, wanted: figure }),
  output: z.strictObject({
    low: result,
    high: result.nullable(),
    start: result,
    governing: z.string(),
    conflict_with: z.string().nullable(),
    status: z.string(),
  }),
  run: (i) => {
    const r = governingLimit(i.uppers, i.lowers, i.wanted);
    return {
      low: r.low,
      high: r.high,
      start: r.start,
      governing: r.governing,
      conflict_with: r.conflictWith,
      status: r.status,
    };
  },
});

import { welchInterval } from '@pike-stone/core/compare';
import * as z from 'zod';
import { figure, figures, oneOf, result } from './schema';
import { topic } from './topic';

export const welchIntervalTopic = topic({
  input: z.strictObject({
    a: figures(10_000),
    b: figures(10_000),
    resolution: figure,
    confidence: figure,
    matters: figure,
  }),
  output: z.strictObject({
    difference: result,
    standard_error: result,
    df: result,
    t: result,
    low: result,
    high: result,
    smallest_seen: result,
    verdict: oneOf(['no-difference-that-matters', 'a-higher', 'b-higher', 'no-difference-seen']),
  }),
  run: ({ a, b, resolution, confidence, matters }) => {
    const found = welchInterval(a, b, resolution, confidence, matters);
    return {
      difference: found.difference,
      standard_error: found.standardError,
      df: found.degrees,
      t: found.t,
      low: found.low,
      high: found.high,
      smallest_seen: found.smallestSeen,
      verdict: found.verdict,
    };
  },
});

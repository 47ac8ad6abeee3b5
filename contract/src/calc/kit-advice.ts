import { startingKit } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, optional, result, word } from './schema';
import { topic } from './topic';

const names = z.array(word).max(100, 'No more than 100.');
const byNeed = z.record(word, figure);

export const kitAdviceTopic = topic({
  input: z.strictObject({
    needs: byNeed,
    items: z
      .array(z.strictObject({ name: word, cost: figure, covers: byNeed, after: optional(names) }))
      .max(200, 'No more than 200.'),
    budget: figure,
    least_gain: figure,
    have: optional(names),
  }),
  output: z.strictObject({ order: z.array(z.string()), spent: result, usefulness: result }),
  run: (i) => {
    const kit = startingKit({ ...i, leastGain: i.least_gain });
    return { order: kit.steps.map(({ name }) => name), spent: kit.spent, usefulness: kit.usefulness };
  },
});

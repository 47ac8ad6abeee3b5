import { scratchTest } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, result, yesNo } from './schema';
import { topic } from './topic';

export const scratchTestTopic = topic({
  input: z.strictObject({
    trials: z
      .array(z.strictObject({ file_hrc: figure, bites: yesNo }))
      .min(1, 'Give at least one.')
      .max(20, 'No more than 20.'),
    required_min_hrc: figure,
  }),
  output: z.strictObject({
    low_hrc: result.nullable(),
    high_hrc: result.nullable(),
    consistent: yesNo,
    verdict: z.string(),
  }),
  run: (i) => {
    const r = scratchTest(
      i.trials.map(({ file_hrc, bites }) => ({ fileHrc: file_hrc, bites })),
      i.required_min_hrc,
    );
    return { low_hrc: r.lowHrc, high_hrc: r.highHrc, consistent: r.consistent, verdict: r.verdict };
  },
});

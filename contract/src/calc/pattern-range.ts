import { patternRange } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result, whole } from './schema';
import { topic } from './topic';

export const patternRangeTopic = topic({
  heavy: true,
  input: z.strictObject({
    moduleMm: figure,
    toothCount: whole(6, 400),
    pressureAngleDeg: figure,
    allowanceUm: figure,
  }),
  output: z.strictObject({ lowestTeeth: result, highestTeeth: result }),
  run: (i) => {
    const r = patternRange(i.moduleMm, i.toothCount, i.pressureAngleDeg, i.allowanceUm / 1000);
    return { lowestTeeth: r.fromTeeth, highestTeeth: r.toTeeth };
  },
});

import { BLOCK_GRADES, stackError, type BlockGrade } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, figures, oneOf, result } from './schema';
import { topic } from './topic';

export const stackErrorTopic = topic({
  input: z.strictObject({
    pieces_mm: figures(20),
    grade: oneOf(BLOCK_GRADES as [BlockGrade, ...BlockGrade[]]),
    wring_um_per_joint: figure,
    temperature_c: figure,
    expansion_per_K: figure,
  }),
  output: z.strictObject({ stack_mm: result, worst_um: result, rss_um: result, thermal_um: result }),
  run: (i) => {
    const r = stackError(i.pieces_mm, i.grade, i.wring_um_per_joint, i.temperature_c, i.expansion_per_K);
    return { stack_mm: r.stackMm, worst_um: r.worstUm, rss_um: r.likelyUm, thermal_um: r.thermalUm };
  },
});

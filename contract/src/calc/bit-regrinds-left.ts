import { regrindsLeft } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const bitRegrindsLeftTopic = topic({
  input: z.strictObject({
    length_mm: figure,
    grip_mm: figure,
    overhang_mm: figure,
    stock_per_regrind_mm: figure,
    waste_mm: figure,
  }),
  output: z.strictObject({ regrinds: result, length_at_end_mm: result }),
  run: (i) => {
    const r = regrindsLeft(i.length_mm, i.grip_mm, i.overhang_mm, i.stock_per_regrind_mm, i.waste_mm);
    return { regrinds: r.regrinds, length_at_end_mm: r.endMm };
  },
});

import { regrindsLeft, usableLength } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const regrindsLeftTopic = topic({
  input: z.strictObject({
    blank_length_mm: figure,
    grip_length_mm: figure,
    overhang_mm: figure,
    stock_per_regrind_mm: figure,
  }),
  output: z.strictObject({ usable_mm: result, regrinds: result, length_at_scrap_mm: result }),
  run: (i) => {
    const r = regrindsLeft(i.blank_length_mm, i.grip_length_mm, i.overhang_mm, i.stock_per_regrind_mm, 0);
    return {
      usable_mm: usableLength(i.blank_length_mm, i.grip_length_mm, i.overhang_mm),
      regrinds: r.regrinds,
      length_at_scrap_mm: r.endMm,
    };
  },
});

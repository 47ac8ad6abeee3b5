import { breakEven } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

const side = oneOf(['hss', 'carbide', 'equal']);

export const breakEvenTopic = topic({
  input: z.strictObject({
    hss_fixed: figure,
    carbide_fixed: figure,
    hss_per_part: figure,
    carbide_per_part: figure,
  }),
  output: z.strictObject({
    break_even_parts: result.nullable(),
    first_whole_part: result.optional(),
    cheaper_below: side,
    cheaper_above: side,
  }),
  run: (i) => {
    const r = breakEven(
      { fixed: i.hss_fixed, perPart: i.hss_per_part },
      { fixed: i.carbide_fixed, perPart: i.carbide_per_part },
    );
    return {
      break_even_parts: r.parts,
      first_whole_part: r.firstWholePart ?? undefined,
      cheaper_below: r.cheaperBelow,
      cheaper_above: r.cheaperAbove,
    };
  },
});

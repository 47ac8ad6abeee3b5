import { roundFlat } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const roundFlatTopic = topic({
  input: z.strictObject({ diameter_mm: figure, flat_depth_mm: figure }),
  output: z.strictObject({ removed_area_mm2: result, flat_width_mm: result }),
  run: (i) => {
    const r = roundFlat(i.diameter_mm, i.flat_depth_mm);
    return { removed_area_mm2: r.removedMm2, flat_width_mm: r.widthMm };
  },
});

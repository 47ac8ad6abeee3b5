import { grindTime } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const grindTimeTopic = topic({
  input: z.strictObject({
    volume_mm3: figure,
    rate_mm3_per_min: figure,
    dress_factor: figure,
    cooling_share: figure,
  }),
  output: z.strictObject({ grinding_min: result, total_min: result }),
  run: (i) => {
    const r = grindTime(i.volume_mm3, i.rate_mm3_per_min, i.dress_factor, i.cooling_share);
    return { grinding_min: r.grindingMin, total_min: r.totalMin };
  },
});

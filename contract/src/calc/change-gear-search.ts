import { changeGearSearch } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, gears, optional, result } from './schema';
import { topic } from './topic';

export const changeGearSearchTopic = topic({
  heavy: true,
  input: z.strictObject({
    leadscrew_pitch_mm: figure,
    gears: gears,
    wanted_pitch_mm: figure,
    max_pairs: optional(z.literal([1, 2])),
    fixed_ratio: optional(figure),
  }),
  output: z.strictObject({ pitch_mm: result, error_ppm: result, pairs: result }),
  run: (i) => {
    const r = changeGearSearch(i.leadscrew_pitch_mm, i.gears, i.wanted_pitch_mm, {
      maxPairs: i.max_pairs,
      fixedRatio: i.fixed_ratio,
    });
    return { pitch_mm: r.pitchMm, error_ppm: r.errorPpm, pairs: r.drivers.length };
  },
});

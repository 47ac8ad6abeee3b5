import { taperSpeed } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taperSpeedTopic = topic({
  input: z.strictObject({ spindle_speed_rpm: figure, large_diameter_mm: figure, small_diameter_mm: figure }),
  output: z.strictObject({
    speed_large_m_min: result,
    speed_small_m_min: result,
    speed_mean_m_min: result,
    speed_ratio: result,
  }),
  run: (i) => {
    const r = taperSpeed(i.spindle_speed_rpm, i.large_diameter_mm, i.small_diameter_mm);
    return {
      speed_large_m_min: r.largeMPerMin,
      speed_small_m_min: r.smallMPerMin,
      speed_mean_m_min: r.meanMPerMin,
      speed_ratio: r.ratio,
    };
  },
});

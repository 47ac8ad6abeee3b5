import { diameterWindow } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const diameterWindowTopic = topic({
  input: z.strictObject({
    rpm_min: figure,
    rpm_max: figure,
    speed_low_m_min: figure,
    speed_high_m_min: figure,
  }),
  output: z.strictObject({ diameter_min_mm: result, diameter_max_mm: result }),
  run: (i) => {
    const r = diameterWindow(i.rpm_min, i.rpm_max, i.speed_low_m_min, i.speed_high_m_min);
    return { diameter_min_mm: r.diameterMinMm, diameter_max_mm: r.diameterMaxMm };
  },
});

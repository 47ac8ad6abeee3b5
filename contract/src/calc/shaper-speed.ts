import { shaperSpeed } from '@pike-stone/core';
import * as z from 'zod';
import { figure, oneOf, optional, result } from './schema';
import { topic } from './topic';

export const shaperSpeedTopic = topic({
  input: z.strictObject({
    strokes_per_min: figure,
    stroke_length_mm: figure,
    return_ratio: figure,
    drive: optional(oneOf(['crank', 'constant'])),
    max_stroke_mm: optional(figure),
  }),
  output: z.strictObject({
    effective_return_ratio: result,
    mean_cutting_speed_m_min: result,
    peak_cutting_speed_m_min: result,
    mean_return_speed_m_min: result,
  }),
  run: (i) => {
    const r = shaperSpeed(i.strokes_per_min, i.stroke_length_mm, i.return_ratio, i.drive, i.max_stroke_mm);
    return {
      effective_return_ratio: r.effectiveReturnRatio,
      mean_cutting_speed_m_min: r.meanCuttingMPerMin,
      peak_cutting_speed_m_min: r.peakCuttingMPerMin,
      mean_return_speed_m_min: r.meanReturnMPerMin,
    };
  },
});

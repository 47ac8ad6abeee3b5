import { stepUp } from '@pike-stone/core';
import * as z from 'zod';
import { figure, figures, result } from './schema';
import { topic } from './topic';

export const stepUpTopic = topic({
  input: z.strictObject({
    rungs_rpm: figures(200),
    target_m_min: figure,
    overshoot_percent: figure,
    start_diameter_mm: figure,
    end_diameter_mm: figure,
  }),
  output: z.strictObject({
    start_rpm: result,
    too_fast_at_start: z.boolean(),
    changes: z.array(z.object({ diameter_mm: result, spindle_speed_rpm: result })),
  }),
  run: (i) => {
    const r = stepUp(
      i.rungs_rpm,
      i.target_m_min,
      i.overshoot_percent,
      i.start_diameter_mm,
      i.end_diameter_mm,
    );
    return {
      start_rpm: r.startRpm,
      too_fast_at_start: r.tooFastAtStart,
      changes: r.changes.map((c) => ({ diameter_mm: c.diameterMm, spindle_speed_rpm: c.rpm })),
    };
  },
});

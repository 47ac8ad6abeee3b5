import { wheelSpeed } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, optional, result, yesNo } from './schema';
import { topic } from './topic';

export const wheelSpeedTopic = topic({
  input: z.strictObject({
    wheel_diameter_mm: figure,
    spindle_rpm: figure,
    rated_speed_m_s: optional(figure),
    rated_rpm: optional(figure),
  }),
  output: z.strictObject({ surface_speed_m_s: result, max_rpm: result, ok: yesNo }),
  run: (i) => {
    const r = wheelSpeed(i.wheel_diameter_mm, i.spindle_rpm, {
      mPerS: i.rated_speed_m_s ?? null,
      rpm: i.rated_rpm ?? null,
    });
    return { surface_speed_m_s: r.speedMPerS, max_rpm: r.maxRpm, ok: r.ok };
  },
});

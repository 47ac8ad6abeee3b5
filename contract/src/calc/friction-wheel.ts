import { frictionWheel } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { measured } from './measured';
import { topic } from './topic';

export const frictionWheelTopic = topic({
  input: z.strictObject({
    wheel_diameter_mm: figure,
    work_diameter_mm: figure,
    wheel_turns: figure,
    time_s: figure,
    slip_percent: optional(figure),
    u_wheel_mm: optional(figure),
    u_work_mm: optional(figure),
    u_turns: optional(figure),
    u_time_s: optional(figure),
    u_slip_percent: optional(figure),
  }),
  output: z.strictObject({ spindle_speed_rpm: result, u_rel: result, rim_speed_m_min: result }),
  run: (i) => {
    const r = frictionWheel({
      wheelMm: measured(i.wheel_diameter_mm, i.u_wheel_mm),
      workMm: measured(i.work_diameter_mm, i.u_work_mm),
      turns: measured(i.wheel_turns, i.u_turns),
      timeS: measured(i.time_s, i.u_time_s),
      slipPercent: measured(i.slip_percent ?? 0, i.u_slip_percent),
    });
    return { spindle_speed_rpm: r.rpm, u_rel: r.uRel, rim_speed_m_min: r.rimSpeedMPerMin };
  },
});

import { pulseTachometer } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, oneOf, whole, optional, result } from './schema';
import { topic } from './topic';

export const pulseTachometerTopic = topic({
  input: z.strictObject({
    pulses: whole(1, 1e6),
    time_s: figure,
    pulses_per_turn: figure,
    mode: oneOf(['gate', 'period']),
    u_clock_rel: optional(figure),
    jitter_s: optional(figure),
  }),
  output: z.strictObject({ spindle_speed_rpm: result, u_rel: result }),
  run: (i) => {
    const r = pulseTachometer(i.mode, i.pulses, i.time_s, i.pulses_per_turn, i.u_clock_rel, i.jitter_s);
    return { spindle_speed_rpm: r.rpm, u_rel: r.uRel };
  },
});

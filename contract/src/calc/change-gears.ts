import { pitchErrorPpm, threadPitch } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, gears, optional, result } from './schema';
import { topic } from './topic';

export const changeGearsTopic = topic({
  input: z.strictObject({
    leadscrew_pitch_mm: figure,
    drivers: gears,
    driven: gears,
    fixed_ratio: optional(figure),
    wanted_pitch_mm: optional(figure),
  }),
  output: z.strictObject({
    pitch_mm: result,
    threads_per_inch: result,
    error_ppm: result.optional(),
    error_um_per_100_mm: result.optional(),
  }),
  run: (i) => {
    const pitch = threadPitch(i.leadscrew_pitch_mm, { drivers: i.drivers, driven: i.driven }, i.fixed_ratio);
    const ppm = i.wanted_pitch_mm === undefined ? undefined : pitchErrorPpm(pitch, i.wanted_pitch_mm);
    return {
      pitch_mm: pitch,
      threads_per_inch: 25.4 / pitch,
      error_ppm: ppm,
      error_um_per_100_mm: ppm === undefined ? undefined : ppm / 10,
    };
  },
});

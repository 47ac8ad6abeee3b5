import { convert, spindleSpeed } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const spindleSpeedTopic = topic({
  input: z.union([
    z.strictObject({ cutting_speed_m_min: figure, diameter_mm: figure }),
    z.strictObject({ cutting_speed_sfm: figure, diameter_in: figure }),
  ]),
  output: z.strictObject({ spindle_speed_rpm: result }),
  run: (i) => ({
    spindle_speed_rpm:
      'diameter_mm' in i
        ? spindleSpeed(i.cutting_speed_m_min, i.diameter_mm)
        : spindleSpeed(convert(i.cutting_speed_sfm, 'sfm', 'm/min'), convert(i.diameter_in, 'in', 'mm')),
  }),
});

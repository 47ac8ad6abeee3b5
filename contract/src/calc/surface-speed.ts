import { convert, surfaceSpeed } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const surfaceSpeedTopic = topic({
  input: z.strictObject({ spindle_speed_rpm: figure, diameter_mm: figure }),
  output: z.strictObject({ cutting_speed_m_min: result, cutting_speed_sfm: result }),
  run: (i) => {
    const v = surfaceSpeed(i.spindle_speed_rpm, i.diameter_mm);
    return { cutting_speed_m_min: v, cutting_speed_sfm: convert(v, 'm/min', 'sfm') };
  },
});

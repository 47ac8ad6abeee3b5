import { stoneRelief } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taperStoneReliefTopic = topic({
  input: z.strictObject({ half_angle_deg: figure, axis_tilt_deg: figure, azimuth_deg: figure }),
  output: z.strictObject({ relief_deg: result }),
  run: (i) => ({ relief_deg: stoneRelief(i.half_angle_deg, i.axis_tilt_deg, i.azimuth_deg) }),
});

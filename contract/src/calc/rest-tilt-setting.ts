import { tiltForRelief } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const restTiltSettingTopic = topic({
  input: z.strictObject({ wanted_angle_deg: figure, contact_height_mm: figure, wheel_radius_mm: figure }),
  output: z.strictObject({ rest_tilt_deg: result }),
  run: (i) => ({ rest_tilt_deg: tiltForRelief(i.wanted_angle_deg, i.contact_height_mm, i.wheel_radius_mm) }),
});

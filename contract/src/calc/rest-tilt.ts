import { reliefOnRest } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const restTiltTopic = topic({
  input: z.strictObject({ rest_tilt_deg: figure, contact_height_mm: figure, wheel_radius_mm: figure }),
  output: z.strictObject({ angle_deg: result }),
  run: (i) => ({ angle_deg: reliefOnRest(i.rest_tilt_deg, i.contact_height_mm, i.wheel_radius_mm) }),
});

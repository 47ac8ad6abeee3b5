import { groundFace } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, results } from './schema';
import { topic } from './topic';

export const faceFromSettingTopic = topic({
  input: z.strictObject({
    turn_deg: figure,
    tilt_deg: figure,
    roll_deg: figure,
    contact_height_mm: figure,
    wheel_diameter_mm: figure,
  }),
  output: z.strictObject({ normal: results }),
  run: (i) => ({
    normal: groundFace(
      { turnDeg: i.turn_deg, tiltDeg: i.tilt_deg, rollDeg: i.roll_deg },
      { wheelMm: i.wheel_diameter_mm, heightMm: i.contact_height_mm },
    ),
  }),
});

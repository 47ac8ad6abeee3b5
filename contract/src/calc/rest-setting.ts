import { faceNormals, restSetting } from '@pike-stone/core/grind';
import * as z from 'zod';
import { anglesOf, bitAngles } from './bit-fields';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const restSettingTopic = topic({
  input: z.strictObject({
    ...bitAngles,
    hand: oneOf(['right', 'left']),
    face: oneOf(['rake', 'major', 'minor']),
    roll_deg: figure,
    contact_height_mm: figure,
    wheel_diameter_mm: figure,
  }),
  output: z.strictObject({ turn_deg: result, tilt_deg: result }),
  run: (i) => {
    const r = restSetting(faceNormals(anglesOf(i), i.hand)[i.face], i.roll_deg, {
      wheelMm: i.wheel_diameter_mm,
      heightMm: i.contact_height_mm,
    });
    return { turn_deg: r.turnDeg, tilt_deg: r.tiltDeg };
  },
});

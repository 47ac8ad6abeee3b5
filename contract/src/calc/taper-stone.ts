import { stonePosition } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taperStoneTopic = topic({
  input: z.strictObject({
    large_diameter_mm: figure,
    small_diameter_mm: figure,
    length_mm: figure,
    radial_wear_mm: figure,
    wanted_radius_mm: figure,
    spindle_rpm: figure,
  }),
  output: z.strictObject({ half_angle_deg: result, position_mm: result, surface_speed_m_s: result }),
  run: (i) => {
    const r = stonePosition(
      {
        largeMm: i.large_diameter_mm,
        smallMm: i.small_diameter_mm,
        lengthMm: i.length_mm,
        wornMm: i.radial_wear_mm,
      },
      i.wanted_radius_mm,
      i.spindle_rpm,
    );
    return { half_angle_deg: r.halfAngleDeg, position_mm: r.positionMm, surface_speed_m_s: r.speedMPerS };
  },
});

import { stoneRadius } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taperStoneRadiusTopic = topic({
  input: z.strictObject({
    large_diameter_mm: figure,
    small_diameter_mm: figure,
    length_mm: figure,
    radial_wear_mm: figure,
    position_mm: figure,
  }),
  output: z.strictObject({ radius_mm: result, half_angle_deg: result }),
  run: (i) => {
    const r = stoneRadius(
      {
        largeMm: i.large_diameter_mm,
        smallMm: i.small_diameter_mm,
        lengthMm: i.length_mm,
        wornMm: i.radial_wear_mm,
      },
      i.position_mm,
    );
    return { radius_mm: r.radiusMm, half_angle_deg: r.halfAngleDeg };
  },
});

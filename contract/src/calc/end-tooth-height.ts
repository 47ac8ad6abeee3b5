import { raiseAfterWear } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const endToothHeightTopic = topic({
  input: z.strictObject({ wanted_relief_deg: figure, wheel_radius_mm: figure, worn_radius_mm: figure }),
  output: z.strictObject({ wheel_raise_mm: result, relief_uncorrected_deg: result, new_raise_mm: result }),
  run: (i) => {
    const r = raiseAfterWear(i.wanted_relief_deg, i.wheel_radius_mm, i.worn_radius_mm);
    return {
      wheel_raise_mm: r.raiseMm,
      relief_uncorrected_deg: r.uncorrectedDeg,
      new_raise_mm: r.newRaiseMm,
    };
  },
});

import { centreHeight } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const centreHeightTopic = topic({
  input: z.strictObject({
    kind: oneOf(['outside', 'bore']),
    height_error_mm: figure,
    diameter_mm: figure,
    back_rake_deg: figure,
    front_clearance_deg: figure,
  }),
  output: z.strictObject({ delta_deg: result, back_rake_eff_deg: result, front_clearance_eff_deg: result }),
  run: (i) => {
    const r = centreHeight(i.kind, i.height_error_mm, i.diameter_mm, i.back_rake_deg, i.front_clearance_deg);
    return {
      delta_deg: r.deltaDeg,
      back_rake_eff_deg: r.backRakeDeg,
      front_clearance_eff_deg: r.frontClearanceDeg,
    };
  },
});

import { threadClearance } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result, whole } from './schema';
import { topic } from './topic';

export const threadClearanceTopic = topic({
  input: z.strictObject({
    pitch_mm: figure,
    starts: whole(1, 20),
    smallest_diameter_mm: figure,
    included_deg: figure,
    reserve_deg: figure,
  }),
  output: z.strictObject({
    eta_deg: result,
    leading_side_deg: result,
    trailing_side_deg: result,
    leading_square_deg: result,
    trailing_square_deg: result,
  }),
  run: (i) => {
    const r = threadClearance(i.pitch_mm, i.starts, i.smallest_diameter_mm, i.included_deg, i.reserve_deg);
    return {
      eta_deg: r.helixDeg,
      leading_side_deg: r.leadingDeg,
      trailing_side_deg: r.trailingDeg,
      leading_square_deg: r.leadingSquareDeg,
      trailing_square_deg: r.trailingSquareDeg,
    };
  },
});

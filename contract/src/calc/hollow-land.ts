import { hollowLand } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const hollowLandTopic = topic({
  input: z.strictObject({ wheel_radius_mm: figure, land_width_mm: figure, edge_angle_deg: figure }),
  output: z.strictObject({ sagitta_mm: result, chord_angle_deg: result, heel_angle_deg: result }),
  run: (i) => {
    const r = hollowLand(i.wheel_radius_mm, i.land_width_mm, i.edge_angle_deg);
    return { sagitta_mm: r.sagittaMm, chord_angle_deg: r.chordDeg, heel_angle_deg: r.heelDeg };
  },
});

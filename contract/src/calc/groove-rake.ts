import { grooveDepth, rakeInGroove } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const grooveRakeTopic = topic({
  input: z.strictObject({
    base_rake_n_deg: figure,
    land_mm: figure,
    groove_width_mm: figure,
    groove_radius_mm: figure,
    edge_position_mm: figure,
  }),
  output: z.strictObject({ rake_n_deg: result, drop_mm: result, groove_depth_mm: result }),
  run: (i) => {
    const groove = { landMm: i.land_mm, widthMm: i.groove_width_mm, radiusMm: i.groove_radius_mm };
    const r = rakeInGroove(i.base_rake_n_deg, groove, i.edge_position_mm);
    return { rake_n_deg: r.rakeDeg, drop_mm: r.dropMm, groove_depth_mm: grooveDepth(groove) };
  },
});

import { groundBack, untilRecut } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const grooveRegrindTopic = topic({
  input: z.strictObject({
    base_rake_n_deg: figure,
    land_mm: figure,
    groove_width_mm: figure,
    groove_radius_mm: figure,
    clearance_n_deg: figure,
    flank_stock_mm: figure,
    least_rake_n_deg: figure,
    stock_per_regrind_mm: figure,
  }),
  output: z.strictObject({
    edge_position_mm: result,
    drop_mm: result,
    rake_n_deg: result,
    wedge_n_deg: result,
    stock_limit_mm: result,
    regrinds_to_recut: result,
  }),
  run: (i) => {
    const groove = { landMm: i.land_mm, widthMm: i.groove_width_mm, radiusMm: i.groove_radius_mm };
    const now = groundBack(i.base_rake_n_deg, groove, i.clearance_n_deg, i.flank_stock_mm);
    const recut = untilRecut(
      i.base_rake_n_deg,
      groove,
      i.clearance_n_deg,
      i.least_rake_n_deg,
      i.stock_per_regrind_mm,
    );
    return {
      edge_position_mm: now.edgeMm,
      drop_mm: now.dropMm,
      rake_n_deg: now.rakeDeg,
      wedge_n_deg: now.wedgeDeg,
      stock_limit_mm: recut.stockMm,
      regrinds_to_recut: recut.regrinds,
    };
  },
});

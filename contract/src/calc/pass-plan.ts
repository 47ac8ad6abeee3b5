import { passPlan } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, optional, result, results, whole } from './schema';
import { topic } from './topic';

export const passPlanTopic = topic({
  input: z.strictObject({
    start_diameter_mm: figure,
    target_diameter_mm: figure,
    max_depth_mm: figure,
    finish_depth_mm: figure,
    finish_passes: optional(whole(0, 20)),
    skin_depth_mm: optional(figure),
  }),
  output: z.strictObject({
    stock_radial_mm: result,
    passes: result,
    depths_mm: results,
    diameters_mm: results,
    skin_not_cleared: z.boolean(),
  }),
  run: (i) => {
    const r = passPlan(
      i.start_diameter_mm,
      i.target_diameter_mm,
      i.max_depth_mm,
      i.finish_depth_mm,
      i.finish_passes,
      i.skin_depth_mm,
    );
    return {
      stock_radial_mm: r.stockRadialMm,
      passes: r.depthsMm.length,
      depths_mm: r.depthsMm,
      diameters_mm: r.diametersMm,
      skin_not_cleared: r.skinNotCleared,
    };
  },
});

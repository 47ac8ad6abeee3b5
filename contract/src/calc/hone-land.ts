import { honeBands } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result, yesNo } from './schema';
import { topic } from './topic';

export const honeLandTopic = topic({
  input: z.strictObject({ wheel_radius_mm: figure, land_width_mm: figure, hone_depth_mm: figure }),
  output: z.strictObject({ sagitta_mm: result, edge_band_mm: result, flat_all_over: yesNo }),
  run: (i) => {
    const r = honeBands(i.land_width_mm, i.wheel_radius_mm, i.hone_depth_mm);
    return { sagitta_mm: r.sagittaMm, edge_band_mm: r.bandMm, flat_all_over: r.flatAllOver };
  },
});

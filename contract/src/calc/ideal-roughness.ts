import { idealRoughness } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const idealRoughnessTopic = topic({
  input: z.strictObject({
    feed_mm_rev: figure,
    nose_radius_mm: figure,
    approach_deg: figure,
    end_edge_deg: figure,
  }),
  output: z.strictObject({ Rt_um: result, Ra_um: result, regime: z.string() }),
  run: (i) => {
    const r = idealRoughness(i.feed_mm_rev, i.nose_radius_mm, i.approach_deg, i.end_edge_deg);
    return { Rt_um: r.rtUm, Ra_um: r.raUm, regime: r.regime };
  },
});

import { minChipRoughness } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const minChipTopic = topic({
  input: z.strictObject({
    feed_mm_rev: figure,
    nose_radius_mm: figure,
    edge_radius_um: figure,
    finish_chip_ratio: figure,
  }),
  output: z.strictObject({
    h_finish_mm: result,
    Rt_um: result,
    Ra_um: result,
    feed_best_mm_rev: result,
    Rt_best_um: result,
    finer_feed_is_worse: z.boolean(),
  }),
  run: (i) => {
    const r = minChipRoughness(i.feed_mm_rev, i.nose_radius_mm, i.edge_radius_um, i.finish_chip_ratio);
    return {
      h_finish_mm: r.chipMm,
      Rt_um: r.rtUm,
      Ra_um: r.raUm,
      feed_best_mm_rev: r.bestFeedMmRev,
      Rt_best_um: r.bestRtUm,
      finer_feed_is_worse: r.finerIsWorse,
    };
  },
});

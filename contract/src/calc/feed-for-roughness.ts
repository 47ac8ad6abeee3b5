import { feedForRoughness } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const feedForRoughnessTopic = topic({
  input: z.strictObject({
    Ra_um: figure,
    nose_radius_mm: figure,
    edge_radius_um: figure,
    finish_chip_ratio: figure,
    finish_factor: figure,
  }),
  output: z.strictObject({
    feed_ideal_mm_rev: result,
    feed_mm_rev: result.nullable(),
    reachable: z.boolean(),
    Ra_best_um: result,
  }),
  run: (i) => {
    const r = feedForRoughness(
      i.Ra_um,
      i.nose_radius_mm,
      i.edge_radius_um,
      i.finish_factor,
      i.finish_chip_ratio,
    );
    return {
      feed_ideal_mm_rev: r.idealMmRev,
      feed_mm_rev: r.feedMmRev,
      reachable: r.reachable,
      Ra_best_um: r.bestRaUm,
    };
  },
});

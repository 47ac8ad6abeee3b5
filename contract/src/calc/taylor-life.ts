import { taylorLife, taylorSpeed } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taylorLifeTopic = topic({
  input: z.strictObject({
    vc_m_min: figure,
    n: figure,
    c_m_min: figure,
    feed_mm: figure,
    depth_mm: figure,
    feed_ref_mm: figure,
    depth_ref_mm: figure,
    a: figure,
    b: figure,
    wanted_life_min: figure,
  }),
  output: z.strictObject({ life_min: result, vc_for_wanted_life_m_min: result }),
  run: (i) => {
    const line = { n: i.n, cMPerMin: i.c_m_min };
    const cut = {
      feedMm: i.feed_mm,
      depthMm: i.depth_mm,
      feedRefMm: i.feed_ref_mm,
      depthRefMm: i.depth_ref_mm,
      a: i.a,
      b: i.b,
    };
    return {
      life_min: taylorLife(line, i.vc_m_min, cut),
      vc_for_wanted_life_m_min: taylorSpeed(line, i.wanted_life_min, cut),
    };
  },
});

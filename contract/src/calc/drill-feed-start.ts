import { drillFeed, material } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result, materialKey } from './schema';
import { topic } from './topic';

export const drillFeedStartTopic = topic({
  input: z.strictObject({ material: materialKey, diameter_mm: figure }),
  output: z.strictObject({ feed_mm_rev: result, feed_low_mm_rev: result, feed_high_mm_rev: result }),
  run: (i) => {
    const r = drillFeed(material(i.material), i.diameter_mm);
    return { feed_mm_rev: r.feedMmRev, feed_low_mm_rev: r.lowMmRev, feed_high_mm_rev: r.highMmRev };
  },
});

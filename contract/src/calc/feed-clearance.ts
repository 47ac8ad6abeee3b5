import { feedClearance } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const feedClearanceTopic = topic({
  input: z.strictObject({
    feed_mm: figure,
    diameter_mm: figure,
    side_clearance_deg: figure,
    side_rake_deg: figure,
    reserve_deg: figure,
  }),
  output: z.strictObject({
    eta_deg: result,
    leading_clearance_deg: result,
    trailing_clearance_deg: result,
    side_rake_eff_deg: result,
    rubbing_feed_mm: result,
  }),
  run: (i) => {
    const r = feedClearance(i.feed_mm, i.diameter_mm, i.side_clearance_deg, i.side_rake_deg, i.reserve_deg);
    return {
      eta_deg: r.helixDeg,
      leading_clearance_deg: r.leadingDeg,
      trailing_clearance_deg: r.trailingDeg,
      side_rake_eff_deg: r.sideRakeDeg,
      rubbing_feed_mm: r.rubbingFeedMm,
    };
  },
});

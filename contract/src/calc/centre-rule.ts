import { centreRule } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const centreRuleTopic = topic({
  input: z.strictObject({
    height_error_mm: figure,
    diameter_mm: figure,
    rule_thickness_mm: figure,
    rule_length_above_mm: figure,
    eye_deg: figure,
  }),
  output: z.strictObject({ lean_deg: result, top_offset_mm: result, smallest_seen_error_mm: result }),
  run: (i) => {
    const r = centreRule(
      i.height_error_mm,
      i.diameter_mm,
      i.rule_thickness_mm,
      i.rule_length_above_mm,
      i.eye_deg,
    );
    return { lean_deg: r.leanDeg, top_offset_mm: r.topOffsetMm, smallest_seen_error_mm: r.smallestSeenMm };
  },
});

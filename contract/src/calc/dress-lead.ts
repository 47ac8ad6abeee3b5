import { dressLead } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result, yesNo } from './schema';
import { topic } from './topic';

export const dressLeadTopic = topic({
  input: z.strictObject({
    traverse_mm_min: figure,
    wheel_rpm: figure,
    diamond_radius_mm: figure,
    dress_depth_mm: figure,
    wheel_width_mm: figure,
  }),
  output: z.strictObject({
    lead_mm_rev: result,
    active_width_mm: result,
    overlap: result,
    covers: yesNo,
    ridge_um: result,
    pass_time_s: result,
  }),
  run: (i) => {
    const r = dressLead({
      traverseMmMin: i.traverse_mm_min,
      wheelRpm: i.wheel_rpm,
      tipMm: i.diamond_radius_mm,
      depthMm: i.dress_depth_mm,
      widthMm: i.wheel_width_mm,
    });
    return {
      lead_mm_rev: r.leadMm,
      active_width_mm: r.activeMm,
      overlap: r.overlap,
      covers: r.covers,
      ridge_um: r.ridgeUm,
      pass_time_s: r.passS,
    };
  },
});

import { facingSpeed } from '@pike-stone/core';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const facingSpeedTopic = topic({
  input: z.strictObject({
    spindle_speed_rpm: figure,
    outer_diameter_mm: figure,
    target_m_min: figure,
    fraction: figure,
    inner_diameter_mm: optional(figure),
    feed_mm_rev: optional(figure),
  }),
  output: z.strictObject({
    rim_speed_m_min: result,
    inner_speed_m_min: result,
    radius_below_mm: result,
    path_fraction_below: result,
    area_fraction_below: result,
    time_s: result.nullable(),
  }),
  run: (i) => {
    const r = facingSpeed({
      rpm: i.spindle_speed_rpm,
      outerDiameterMm: i.outer_diameter_mm,
      innerDiameterMm: i.inner_diameter_mm,
      targetMPerMin: i.target_m_min,
      fraction: i.fraction,
      feedMmRev: i.feed_mm_rev,
    });
    return {
      rim_speed_m_min: r.rimSpeedMPerMin,
      inner_speed_m_min: r.innerSpeedMPerMin,
      radius_below_mm: r.radiusBelowMm,
      path_fraction_below: r.pathFractionBelow,
      area_fraction_below: r.areaFractionBelow,
      time_s: r.timeS,
    };
  },
});

import { leastDiameter } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, oneOf, optional, result } from './schema';
import { topic } from './topic';

export const minDiameterTopic = topic({
  input: z.strictObject({
    spindle_rpm: figure,
    min_speed_m_s: figure,
    flange_diameter_mm: figure,
    flange_clearance_mm: figure,
    maker_min_mm: optional(figure),
  }),
  output: z.strictObject({
    by_speed_mm: result,
    by_flange_mm: result,
    min_diameter_mm: result,
    limited_by: oneOf(['speed', 'flange', 'maker']),
  }),
  run: (i) => {
    const r = leastDiameter({
      spindleRpm: i.spindle_rpm,
      leastMPerS: i.min_speed_m_s,
      flangeMm: i.flange_diameter_mm,
      clearanceMm: i.flange_clearance_mm,
      makerMm: i.maker_min_mm ?? null,
    });
    return {
      by_speed_mm: r.bySpeedMm,
      by_flange_mm: r.byFlangeMm,
      min_diameter_mm: r.diameterMm,
      limited_by: r.limitedBy,
    };
  },
});

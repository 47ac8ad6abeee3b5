import { eccentricRelief } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const reliefEccentricTopic = topic({
  input: z.strictObject({
    cutter_radius_mm: figure,
    eccentric_mm: figure,
    phase_deg: figure,
    behind_edge_deg: figure,
    flank_angle_deg: figure,
  }),
  output: z.strictObject({
    turning_radius_mm: result,
    relief_deg: result,
    drop_mm: result,
    flank_relief_deg: result,
  }),
  run: (i) => {
    const r = eccentricRelief(
      i.cutter_radius_mm,
      i.eccentric_mm,
      i.phase_deg,
      i.behind_edge_deg,
      i.flank_angle_deg,
    );
    return {
      turning_radius_mm: r.turningRadiusMm,
      relief_deg: r.reliefDeg,
      drop_mm: r.dropMm,
      flank_relief_deg: r.flankReliefDeg,
    };
  },
});

import { hollowGrind } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const hollowGrindTopic = topic({
  input: z.strictObject({ ground_width_mm: figure, wheel_diameter_mm: figure, chord_clearance_deg: figure }),
  output: z.strictObject({
    sagitta_mm: result,
    edge_minus_chord_deg: result,
    segment_area_mm2: result,
    edge_clearance_deg: result,
    heel_clearance_deg: result,
  }),
  run: (i) => {
    const r = hollowGrind(i.ground_width_mm, i.wheel_diameter_mm, i.chord_clearance_deg);
    return {
      sagitta_mm: r.sagittaMm,
      edge_minus_chord_deg: r.moreAtEdgeDeg,
      segment_area_mm2: r.areaMm2,
      edge_clearance_deg: r.edgeDeg,
      heel_clearance_deg: r.heelDeg,
    };
  },
});

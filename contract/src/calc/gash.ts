import { gashing } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, result, whole } from './schema';
import { topic } from './topic';

export const gashTopic = topic({
  input: z.strictObject({
    cutter_diameter_mm: figure,
    teeth: whole(1, 60),
    gash_depth_mm: figure,
    gash_angle_deg: figure,
    rake_deg: figure,
  }),
  output: z.strictObject({
    offset_mm: result,
    pitch_deg: result,
    gash_opening_deg: result,
    land_deg: result,
    land_arc_mm: result,
    face_length_mm: result,
  }),
  run: (i) => {
    const r = gashing(i.cutter_diameter_mm, i.teeth, i.gash_depth_mm, i.gash_angle_deg, i.rake_deg);
    return {
      offset_mm: r.offsetMm,
      pitch_deg: r.pitchDeg,
      gash_opening_deg: r.openingDeg,
      land_deg: r.landDeg,
      land_arc_mm: r.landArcMm,
      face_length_mm: r.faceLengthMm,
    };
  },
});

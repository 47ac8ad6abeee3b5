import { compoundFeed } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const compoundFeedTopic = topic({
  input: z.strictObject({ angle_from_axis_deg: figure, advance_mm: figure }),
  output: z.strictObject({ radial_mm: result, diameter_change_mm: result, axial_mm: result }),
  run: (i) => {
    const r = compoundFeed(i.angle_from_axis_deg, i.advance_mm);
    return { radial_mm: r.radialMm, diameter_change_mm: r.diameterChangeMm, axial_mm: r.axialMm };
  },
});

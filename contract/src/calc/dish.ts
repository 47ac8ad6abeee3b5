import { dish } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const dishTopic = topic({
  input: z.strictObject({
    cutter_diameter_mm: figure,
    dish_angle_deg: figure,
    centre_gap_mm: figure,
    slide_travel_mm: figure,
  }),
  output: z.strictObject({ depth_mm: result, indicator_reading_mm: result }),
  run: (i) => {
    const r = dish(i.cutter_diameter_mm, i.dish_angle_deg, i.centre_gap_mm, i.slide_travel_mm);
    return { depth_mm: r.depthMm, indicator_reading_mm: r.readingMm };
  },
});

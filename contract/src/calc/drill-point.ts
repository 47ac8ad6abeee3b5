import { drillPoint } from '@pike-stone/core';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const drillPointTopic = topic({
  input: z.strictObject({ diameter_mm: figure, point_angle_deg: figure, web_mm: optional(figure) }),
  output: z.strictObject({ point_length_mm: result }),
  run: (i) => ({ point_length_mm: drillPoint(i.diameter_mm, i.point_angle_deg, i.web_mm) }),
});

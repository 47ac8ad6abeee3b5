import { shaperStrokes } from '@pike-stone/core';
import * as z from 'zod';
import { figure, oneOf, optional, result } from './schema';
import { topic } from './topic';

export const shaperStrokesTopic = topic({
  input: z.strictObject({
    cutting_speed_m_min: figure,
    stroke_length_mm: figure,
    return_ratio: figure,
    basis: optional(oneOf(['mean', 'peak'])),
    drive: optional(oneOf(['crank', 'constant'])),
  }),
  output: z.strictObject({ strokes_per_min: result }),
  run: (i) => ({
    strokes_per_min: shaperStrokes(
      i.cutting_speed_m_min,
      i.stroke_length_mm,
      i.return_ratio,
      i.basis,
      i.drive,
    ),
  }),
});

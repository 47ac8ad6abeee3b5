import { faceNormals, noseShift } from '@pike-stone/core/grind';
import * as z from 'zod';
import { anglesOf, bitAngles } from './bit-fields';
import { figure, results } from './schema';
import { topic } from './topic';

export const noseShiftTopic = topic({
  input: z.strictObject({
    ...bitAngles,
    stock_rake_mm: figure,
    stock_major_mm: figure,
    stock_minor_mm: figure,
  }),
  output: z.strictObject({ nose_shift_mm: results }),
  run: (i) => ({
    nose_shift_mm: noseShift(faceNormals(anglesOf(i), 'right'), {
      rake: i.stock_rake_mm,
      major: i.stock_major_mm,
      minor: i.stock_minor_mm,
    }),
  }),
});

import { convert, kindOfUnit } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result, unit } from './schema';
import { topic } from './topic';

export const unitConversionTopic = topic({
  input: z
    .strictObject({ value: figure, from_unit: unit, to_unit: unit })
    .refine((i) => kindOfUnit(i.from_unit) === kindOfUnit(i.to_unit), {
      path: ['to_unit'],
      message: 'The two units measure different things.',
    }),
  output: z.strictObject({ value: result }),
  run: (i) => ({ value: convert(i.value, i.from_unit, i.to_unit) }),
});

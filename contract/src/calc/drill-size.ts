import { drillSize } from '@pike-stone/core';
import * as z from 'zod';
import { result, word } from './schema';
import { topic } from './topic';

export const drillSizeTopic = topic({
  input: z.strictObject({ designation: word }),
  output: z.strictObject({
    status: z.string(),
    diameter_in: result.optional(),
    diameter_mm: result.optional(),
    reason: z.string().optional(),
  }),
  run: (i) => {
    const d = drillSize(i.designation);
    return d.status === 'ok'
      ? { status: 'ok', diameter_in: d.diameterIn, diameter_mm: d.diameterMm }
      : { status: 'refused', reason: d.reason };
  },
});

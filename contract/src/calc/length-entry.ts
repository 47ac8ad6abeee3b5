import { readLength } from '@pike-stone/core';
import * as z from 'zod';
import { oneOf, optional, result, results, word } from './schema';
import { topic } from './topic';

export const lengthEntryTopic = topic({
  input: z.strictObject({
    text: word,
    default_unit: oneOf(['mm', 'in']),
    field: optional(oneOf(['diameter', 'drill'])),
  }),
  output: z.strictObject({
    status: z.string(),
    value_mm: result.optional(),
    read_as: z.string().optional(),
    candidates_mm: results.optional(),
    reason: z.string().optional(),
  }),
  run: (i) => {
    const r = readLength(i.text, i.default_unit, i.field);
    if (r.status === 'ok') return { status: 'ok', value_mm: r.valueMm, read_as: r.readAs };
    return r.status === 'ambiguous'
      ? { status: 'ambiguous', candidates_mm: r.candidatesMm }
      : { status: 'refused', reason: r.reason };
  },
});

import { oxideColour } from '@pike-stone/core/forecast';
import { material } from '@pike-stone/core';
import * as z from 'zod';
import { figure, oneOf, yesNo, result, materialKey } from './schema';
import { topic } from './topic';

export const chipColourTopic = topic({
  input: z.strictObject({
    material: materialKey,
    table: oneOf(['temper', 'chip']),
    temperature_C: figure,
    flooded: yesNo,
  }),
  output: z.strictObject({
    applies: z.boolean(),
    colour: z.string().nullable(),
    low_C: result.nullable(),
    high_C: result.nullable(),
  }),
  run: (i) => {
    const r = oxideColour(material(i.material), i.table, i.temperature_C, i.flooded);
    return {
      applies: r !== null,
      colour: r?.colour ?? null,
      low_C: r?.lowC ?? null,
      high_C: r?.highC ?? null,
    };
  },
});

import { temperColour } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, word } from './schema';
import { topic } from './topic';

export const temperColourTopic = topic({
  input: z.strictObject({ temperature_c: figure }),
  output: z.strictObject({ colour: word }),
  run: (i) => ({ colour: temperColour(i.temperature_c) }),
});

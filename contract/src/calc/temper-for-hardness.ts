import { CUTTER_STEELS, temperFor, type CutterSteel } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const temperForHardnessTopic = topic({
  input: z.strictObject({
    steel: oneOf(CUTTER_STEELS as [CutterSteel, ...CutterSteel[]]),
    hardness_hrc: figure,
  }),
  output: z.strictObject({ temper_c: result, colour: z.string(), temper_f: result }),
  run: (i) => {
    const r = temperFor(i.steel, i.hardness_hrc);
    return { temper_c: r.temperatureC, colour: r.colour, temper_f: r.temperatureF };
  },
});

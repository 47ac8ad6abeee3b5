import { CUTTER_STEELS, temperedCutter, type CutterSteel } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const temperHardnessTopic = topic({
  input: z.strictObject({ steel: oneOf(CUTTER_STEELS as [CutterSteel, ...CutterSteel[]]), temper_c: figure }),
  output: z.strictObject({
    hardness_hrc: result,
    low_hrc: result,
    high_hrc: result,
    colour: z.string(),
    temper_f: result,
  }),
  run: (i) => {
    const r = temperedCutter(i.steel, i.temper_c);
    return {
      hardness_hrc: r.hrc,
      low_hrc: r.lowHrc,
      high_hrc: r.highHrc,
      colour: r.colour,
      temper_f: r.temperatureF,
    };
  },
});

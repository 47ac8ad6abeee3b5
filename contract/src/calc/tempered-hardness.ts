import { hardnessAfter } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const temperedHardnessTopic = topic({
  input: z.strictObject({
    material: oneOf(['carbon-steel', 'hss']),
    temperature_c: figure,
    initial_hrc: figure,
    time_s: figure,
  }),
  output: z.strictObject({ equivalent_1h_c: result, hrc: result, loss_hrc: result }),
  run: (i) => {
    const r = hardnessAfter(i.material, i.temperature_c, i.initial_hrc, i.time_s);
    return { equivalent_1h_c: r.equivalentC, hrc: r.hrc, loss_hrc: r.lostHrc };
  },
});

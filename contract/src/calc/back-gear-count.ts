import { backGearCount } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, gears, optional, result } from './schema';
import { AS_MANY_GEARS, gearTrain, inPairs, measured } from './measured';
import { topic } from './topic';

export const backGearCountTopic = topic({
  input: z
    .strictObject({
      turns: figure,
      time_s: figure,
      drivers_teeth: gears,
      driven_teeth: gears,
      u_turns: optional(figure),
      u_time_s: optional(figure),
    })
    .refine(inPairs, { path: ['driven_teeth'], message: AS_MANY_GEARS }),
  output: z.strictObject({ slow_rpm: result, reduction: result, direct_rpm: result, u_rel: result }),
  run: (i) => {
    const r = backGearCount(measured(i.turns, i.u_turns), measured(i.time_s, i.u_time_s), gearTrain(i));
    return { slow_rpm: r.slowRpm, reduction: r.reduction, direct_rpm: r.directRpm, u_rel: r.uRel };
  },
});

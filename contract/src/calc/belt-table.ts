import { beltTable } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, figures, gears, optional, results } from './schema';
import { AS_MANY_GEARS, gearTrain, inPairs } from './measured';
import { topic } from './topic';

export const beltTableTopic = topic({
  input: z.strictObject({
    motor_rpm: figure,
    stages: z
      .array(
        z
          .object({ driver_mm: figures(12), driven_mm: figures(12) })
          .refine(
            ({ driver_mm, driven_mm }) => driver_mm.length === driven_mm.length,
            'As many driving as driven pulleys.',
          ),
      )
      .min(1)
      .max(4),
    slip_percent: optional(figure),
    back_gear: optional(
      z.object({ drivers_teeth: gears, driven_teeth: gears }).refine(inPairs, AS_MANY_GEARS),
    ),
  }),
  output: z.strictObject({ direct_rpm: results, back_gear_rpm: results.optional() }),
  run: (i) => {
    const stages = i.stages.map((stage) => ({ driverMm: stage.driver_mm, drivenMm: stage.driven_mm }));
    const r = beltTable(i.motor_rpm, stages, i.slip_percent, i.back_gear && gearTrain(i.back_gear));
    return { direct_rpm: r.directRpm, back_gear_rpm: r.backGearRpm ?? undefined };
  },
});

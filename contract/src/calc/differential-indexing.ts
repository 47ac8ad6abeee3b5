import { differentialDividing } from '@pike-stone/core/setting';
import { headFields } from './head-fields';
import * as z from 'zod';
import { gears, oneOf, result, results, whole, yesNo } from './schema';
import { topic } from './topic';

export const differentialIndexingTopic = topic({
  heavy: true,
  input: z.strictObject({
    ...headFields,
    trial_divisions: whole(1, 10000).nullable(),
    gears,
    max_distance: whole(1, 200),
  }),
  output: z.strictObject({
    feasible: yesNo,
    trial_divisions: result.optional(),
    gear_value_num: result.optional(),
    gear_value_den: result.optional(),
    gears_needed: result.optional(),
    plate_direction: oneOf(['with-crank', 'against-crank']).optional(),
    crank_turns_num: result.optional(),
    crank_turns_den: result.optional(),
    drivers: results.optional(),
    driven: results.optional(),
  }),
  run: (i) => {
    const r = differentialDividing(
      i.ratio,
      i.divisions,
      i.trial_divisions,
      i.plates,
      i.gears,
      i.max_distance,
    );
    return r === null
      ? { feasible: false }
      : {
          feasible: true,
          trial_divisions: r.trialDivisions,
          gear_value_num: r.gearValue.num,
          gear_value_den: r.gearValue.den,
          gears_needed: 2 * r.gears.drivers.length,
          plate_direction: r.plateDirection,
          crank_turns_num: r.crankTurns.num,
          crank_turns_den: r.crankTurns.den,
          drivers: r.gears.drivers,
          driven: r.gears.driven,
        };
  },
});

import { indexAngles } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, optional, result, results, yesNo } from './schema';
import { topic } from './topic';

export const indexTopic = topic({
  input: z.strictObject({ teeth: figure, start_deg: figure, plate_holes: optional(figure) }),
  output: z.strictObject({
    step_deg: result,
    positions_deg: results,
    exact: yesNo,
    worst_error_deg: result.nullable(),
  }),
  run: (i) => {
    const r = indexAngles(i.teeth, i.start_deg, i.plate_holes ?? null);
    return { step_deg: r.stepDeg, positions_deg: r.anglesDeg, exact: r.exact, worst_error_deg: r.worstDeg };
  },
});

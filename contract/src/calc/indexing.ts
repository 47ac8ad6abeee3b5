import { simpleIndexing } from '@pike-stone/core/setting';
import { headFields } from './head-fields';
import * as z from 'zod';
import { result, results, yesNo } from './schema';
import { topic } from './topic';

export const indexingTopic = topic({
  input: z.strictObject({ ...headFields }),
  output: z.strictObject({
    exact: yesNo,
    full_turns: result.optional(),
    exact_circles: results.optional(),
    spaces: results.optional(),
    best_circle: result.optional(),
    max_error_arcsec: result.optional(),
    constant_step_holes: result.optional(),
    constant_step_closing_error_arcsec: result.optional(),
  }),
  run: (i) => {
    const r = simpleIndexing(i.ratio, i.divisions, i.plates);
    return r.exact
      ? {
          exact: true,
          full_turns: r.fullTurns,
          exact_circles: r.choices.map(({ circle }) => circle),
          spaces: r.choices.map(({ spaces }) => spaces),
        }
      : {
          exact: false,
          best_circle: r.circle,
          max_error_arcsec: r.maxErrorArcsec,
          constant_step_holes: r.stepHoles,
          constant_step_closing_error_arcsec: r.closingErrorArcsec,
        };
  },
});

import { combineMeasures } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, figures, optional, result, results, whole } from './schema';
import { topic } from './topic';

export const combineMeasuresTopic = topic({
  input: z.strictObject({
    relative_speeds: figures(200),
    measures: z
      .array(z.object({ step: whole(0, 199), rpm: figure, u_rel: figure }))
      .min(1)
      .max(100),
    flag_limit: optional(figure),
  }),
  output: z.strictObject({
    rpm: results,
    u_rel: result,
    standardised_residuals: results,
    chi_square: result,
    flagged_measure: result.nullable(),
    measures_disagree: z.boolean(),
    rpm_without_flagged: results.optional(),
    u_rel_without_flagged: result.optional(),
  }),
  run: (i) => {
    const r = combineMeasures(
      i.relative_speeds,
      i.measures.map((m) => ({ step: m.step, rpm: m.rpm, uRel: m.u_rel })),
      i.flag_limit,
    );
    return {
      rpm: r.rpm,
      u_rel: r.uRel,
      standardised_residuals: r.standardisedResiduals,
      chi_square: r.chiSquare,
      flagged_measure: r.flaggedMeasure,
      measures_disagree: r.measuresDisagree,
      rpm_without_flagged: r.withoutFlagged?.rpm,
      u_rel_without_flagged: r.withoutFlagged?.uRel,
    };
  },
});

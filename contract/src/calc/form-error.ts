import { formError } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result, whole } from './schema';
import { topic } from './topic';

export const formErrorTopic = topic({
  input: z.strictObject({
    moduleMm: figure,
    cutterTeeth: whole(6, 2000),
    workTeeth: whole(6, 2000).nullable(),
    pressureAngleDeg: figure,
  }),
  output: z.strictObject({
    activeFromMm: result,
    bottomDeviationUm: result,
    tipDeviationUm: result,
    maxAbsDeviationUm: result,
  }),
  run: (i) => {
    const r = formError(i.moduleMm, i.cutterTeeth, i.workTeeth, i.pressureAngleDeg);
    return {
      activeFromMm: r.activeFromMm,
      bottomDeviationUm: r.bottomMm * 1000,
      tipDeviationUm: r.tipMm * 1000,
      maxAbsDeviationUm: r.maxMm * 1000,
    };
  },
});

import { heightDiameterError } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const diameterErrorTopic = topic({
  input: z.strictObject({
    kind: oneOf(['outside', 'bore']),
    slide_radius_mm: figure,
    height_error_mm: figure,
    measured_diameter_mm: figure,
    infeed_mm: figure,
  }),
  output: z.strictObject({
    cut_diameter_mm: result,
    diameter_error_mm: result,
    next_diameter_mm: result,
    step_error_mm: result,
    facing_pip_diameter_mm: result,
  }),
  run: (i) => {
    const r = heightDiameterError(
      i.kind,
      i.slide_radius_mm,
      i.height_error_mm,
      i.measured_diameter_mm,
      i.infeed_mm,
    );
    return {
      cut_diameter_mm: r.cutMm,
      diameter_error_mm: r.errorMm,
      next_diameter_mm: r.nextMm,
      step_error_mm: r.stepErrorMm,
      facing_pip_diameter_mm: r.pipMm,
    };
  },
});

import { measureCorrect } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const measureCorrectTopic = topic({
  input: z.strictObject({
    start_diameter_mm: figure,
    measured_diameter_mm: figure,
    dial_total_mm: figure,
    target_diameter_mm: figure,
    removed_before_mm: optional(figure),
  }),
  output: z.strictObject({
    removed_radial_mm: result,
    deflection_ratio: result,
    still_sprung_mm: result,
    left_radial_mm: result,
    touch_off_wrong: z.boolean(),
    oversize_cut: z.boolean(),
    next_advance_mm: result,
    spring_pass_removes_mm: result,
  }),
  run: (i) => {
    const r = measureCorrect(
      i.start_diameter_mm,
      i.measured_diameter_mm,
      i.dial_total_mm,
      i.target_diameter_mm,
      i.removed_before_mm,
    );
    return {
      removed_radial_mm: r.removedRadialMm,
      deflection_ratio: r.deflectionRatio,
      still_sprung_mm: r.stillSprungMm,
      left_radial_mm: r.leftRadialMm,
      touch_off_wrong: r.touchOffWrong,
      oversize_cut: r.oversizeCut,
      next_advance_mm: r.nextAdvanceMm,
      spring_pass_removes_mm: r.springPassRemovesMm,
    };
  },
});

import { readOnPrint } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const printCalibrationTopic = topic({
  input: z.strictObject({
    bar_nominal_mm: figure,
    bar_x_measured_mm: figure,
    bar_y_measured_mm: figure,
    magnification: figure,
    paper_dx_mm: figure,
    paper_dy_mm: figure,
    diagonal_rising_mm: figure,
    diagonal_falling_mm: figure,
  }),
  output: z.strictObject({
    factor_x: result,
    factor_y: result,
    true_dx_mm: result,
    true_dy_mm: result,
    true_length_mm: result,
    skew_deg: result,
  }),
  run: (i) => {
    const bars = { nominalMm: i.bar_nominal_mm, xMm: i.bar_x_measured_mm, yMm: i.bar_y_measured_mm };
    const paper = {
      dxMm: i.paper_dx_mm,
      dyMm: i.paper_dy_mm,
      risingMm: i.diagonal_rising_mm,
      fallingMm: i.diagonal_falling_mm,
    };
    const r = readOnPrint(bars, i.magnification, paper);
    return {
      factor_x: r.factors.x,
      factor_y: r.factors.y,
      true_dx_mm: r.dxMm,
      true_dy_mm: r.dyMm,
      true_length_mm: r.lengthMm,
      skew_deg: r.skewDeg,
    };
  },
});

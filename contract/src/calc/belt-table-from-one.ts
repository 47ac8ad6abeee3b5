import { beltTableFromOne } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, figures, results, whole } from './schema';
import { topic } from './topic';

export const beltTableFromOneTopic = topic({
  input: z.strictObject({
    driver_mm: figures(40),
    driven_mm: figures(40),
    measured_step: whole(0, 40),
    measured_rpm: figure,
    u_measured_rel: figure,
    u_diameter_mm: figure,
  }),
  output: z.strictObject({ rpm: results, u_rel: results }),
  run: (i) => {
    const r = beltTableFromOne(
      { driverMm: i.driver_mm, drivenMm: i.driven_mm },
      i.measured_step,
      i.measured_rpm,
      i.u_measured_rel,
      i.u_diameter_mm,
    );
    return { rpm: r.rpm, u_rel: r.uRel };
  },
});

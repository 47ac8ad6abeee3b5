import { surfaceRise } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const surfaceRiseTopic = topic({
  input: z.strictObject({
    power_w: figure,
    contact_area_mm2: figure,
    time_s: figure,
    conductivity_w_mk: figure,
    density_kg_m3: figure,
    heat_capacity_j_kgk: figure,
    start_c: figure,
    limit_c: figure,
  }),
  output: z.strictObject({
    flux_w_mm2: result,
    surface_c: result,
    time_to_limit_s: result.nullable(),
    heated_depth_mm: result,
  }),
  run: (i) => {
    const r = surfaceRise({
      powerW: i.power_w,
      areaMm2: i.contact_area_mm2,
      seconds: i.time_s,
      conductivityWMK: i.conductivity_w_mk,
      densityKgM3: i.density_kg_m3,
      heatCapacityJKgK: i.heat_capacity_j_kgk,
      startC: i.start_c,
      limitC: i.limit_c,
    });
    return {
      flux_w_mm2: r.fluxWMm2,
      surface_c: r.surfaceC,
      time_to_limit_s: r.toLimitS,
      heated_depth_mm: r.heatedMm,
    };
  },
});

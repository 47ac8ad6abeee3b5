import { interfaceHeat } from '@pike-stone/core/forecast';
import { toolMaterial } from '@pike-stone/core';
import * as z from 'zod';
import { figure, yesNo, result } from './schema';
import { topic } from './topic';

export const interfaceTemperatureTopic = topic({
  input: z.strictObject({
    kc_N_mm2: figure,
    rhoc_J_mm3K: figure,
    k_W_mK: figure,
    speed_m_min: figure,
    chip_thickness_mm: figure,
    ambient_C: figure,
    coefficient: figure,
    fluid: yesNo,
  }),
  output: z.strictObject({
    diffusivity_mm2_s: result,
    rise_K: result,
    interface_C: result,
    chip_body_C: result,
    margin_carbon_steel_K: result,
    margin_hss_K: result,
    margin_hss_co_K: result,
    margin_carbide_uncoated_K: result,
    margin_carbide_coated_K: result,
  }),
  run: (i) => {
    const r = interfaceHeat(
      i.kc_N_mm2,
      { rhoCJMm3K: i.rhoc_J_mm3K, kWMK: i.k_W_mK, coefficient: i.coefficient },
      i.speed_m_min,
      i.chip_thickness_mm,
      i.ambient_C,
      i.fluid,
    );
    const margin = (key: string): number => toolMaterial(key).hotLimitC - r.interfaceC;
    return {
      diffusivity_mm2_s: r.diffusivityMm2S,
      rise_K: r.riseK,
      interface_C: r.interfaceC,
      chip_body_C: r.chipBodyC,
      margin_carbon_steel_K: margin('carbon-steel'),
      margin_hss_K: margin('hss'),
      margin_hss_co_K: margin('hss-co'),
      margin_carbide_uncoated_K: margin('carbide-uncoated'),
      margin_carbide_coated_K: margin('carbide-coated'),
    };
  },
});

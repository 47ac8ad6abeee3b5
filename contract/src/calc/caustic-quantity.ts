import { causticBath, rescueSaving } from '@pike-stone/core/identify';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const causticQuantityTopic = topic({
  input: z.strictObject({
    aluminium_g: figure,
    excess_factor: figure,
    strength_g_per_l: figure,
    temperature_c: figure,
    pressure_kpa: figure,
    edges_rescued: figure,
    value_per_edge: figure,
    minutes_attended: figure,
    rate_per_min: figure,
    chemical_cost: figure,
  }),
  output: z.strictObject({
    naoh_stoichiometric_g: result,
    naoh_g: result,
    bath_l: result,
    water_used_g: result,
    hydrogen_mol: result,
    hydrogen_l: result,
    air_for_tenth_of_lower_limit_m3: result,
    saving: result,
    worth_it: z.boolean(),
  }),
  run: (i) => {
    const bath = causticBath({
      aluminiumG: i.aluminium_g,
      excess: i.excess_factor,
      strengthGPerL: i.strength_g_per_l,
      temperatureC: i.temperature_c,
      pressureKPa: i.pressure_kpa,
    });
    const saving = rescueSaving({
      edges: i.edges_rescued,
      valuePerEdge: i.value_per_edge,
      minutesAttended: i.minutes_attended,
      ratePerMin: i.rate_per_min,
      chemicalCost: i.chemical_cost,
    });
    return {
      naoh_stoichiometric_g: bath.neededG,
      naoh_g: bath.doseG,
      bath_l: bath.litres,
      water_used_g: bath.waterUsedG,
      hydrogen_mol: bath.hydrogenMol,
      hydrogen_l: bath.hydrogenL,
      air_for_tenth_of_lower_limit_m3: bath.airM3,
      saving,
      worth_it: saving > 0,
    };
  },
});

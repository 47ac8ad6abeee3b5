import { tipTemperature } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, oneOf, result, results } from './schema';
import { topic } from './topic';

export const tipTemperatureTopic = topic({
  input: z.strictObject({
    ambient_c: figure,
    start_c: figure,
    tangential_force_n: figure,
    wheel_speed_m_s: figure,
    heat_share: figure,
    tip_mass_g: figure,
    heat_capacity_j_kgk: figure,
    shank_resistance_k_w: figure,
    dip_resistance_k_w: figure,
    coolant_c: figure,
    schedule: z
      .array(z.strictObject({ kind: oneOf(['grind', 'pause', 'dip']), s: figure }))
      .min(1, 'Give at least one.')
      .max(200, 'No more than 200.'),
    limit_c: figure,
  }),
  output: z.strictObject({
    power_w: result,
    time_constant_s: result,
    end_temps_c: results,
    peak_c: result,
    steady_peak_c: result,
    time_to_limit_s: result.nullable(),
  }),
  run: (i) => {
    const r = tipTemperature(
      {
        ambientC: i.ambient_c,
        startC: i.start_c,
        forceN: i.tangential_force_n,
        wheelMPerS: i.wheel_speed_m_s,
        heatShare: i.heat_share,
        tipG: i.tip_mass_g,
        heatCapacityJKgK: i.heat_capacity_j_kgk,
        shankKPerW: i.shank_resistance_k_w,
        dipKPerW: i.dip_resistance_k_w,
        coolantC: i.coolant_c,
      },
      i.schedule.map(({ kind, s }) => ({ kind, seconds: s })),
      i.limit_c,
    );
    return {
      power_w: r.powerW,
      time_constant_s: r.timeConstantS,
      end_temps_c: r.endsC,
      peak_c: r.peakC,
      steady_peak_c: r.steadyPeakC,
      time_to_limit_s: r.toLimitS,
    };
  },
});

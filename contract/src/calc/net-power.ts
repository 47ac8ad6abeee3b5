import { netPower, POWER_METHODS, SUPPLIES } from '@pike-stone/core/compare';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const netPowerTopic = topic({
  input: z.strictObject({
    supply: oneOf(SUPPLIES),
    method: oneOf(POWER_METHODS),
    volts: figure,
    idle_a: figure,
    cut_a: figure,
    pf_idle: figure,
    pf_cut: figure,
    efficiency: figure,
    vc_m_min: figure,
    feed_mm: figure,
    depth_mm: figure,
  }),
  output: z.strictObject({
    input_idle_w: result,
    input_cut_w: result,
    net_power_w: result,
    removal_mm3_s: result,
    specific_energy_j_mm3: result,
  }),
  run: (i) => {
    const { supply, method, volts, efficiency } = i;
    const motor = { idleA: i.idle_a, cutA: i.cut_a, pfIdle: i.pf_idle, pfCut: i.pf_cut };
    const found = netPower(
      { supply, method, volts, efficiency, ...motor },
      { vcMPerMin: i.vc_m_min, feedMm: i.feed_mm, depthMm: i.depth_mm },
    );
    return {
      input_idle_w: found.inputIdleW,
      input_cut_w: found.inputCutW,
      net_power_w: found.netPowerW,
      removal_mm3_s: found.removalMm3S,
      specific_energy_j_mm3: found.specificEnergyJMm3,
    };
  },
});

import { economicSpeed } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const gilbertMinCostTopic = topic({
  input: z.strictObject({
    n: figure,
    c_m_min: figure,
    rate_per_min: figure,
    change_min: figure,
    edge_cost: figure,
    cut_length_m: figure,
    vc_reachable_m_min: figure,
  }),
  output: z.strictObject({
    life_min_cost_min: result,
    v_min_cost_m_min: result,
    life_max_output_min: result,
    v_max_output_m_min: result,
    v_set_m_min: result,
    life_at_set_min: result,
    cost_at_set: result,
    limited_by_machine: z.boolean(),
  }),
  run: (i) => {
    const r = economicSpeed(
      { n: i.n, cMPerMin: i.c_m_min },
      { ratePerMin: i.rate_per_min, changeMin: i.change_min, edgeCost: i.edge_cost },
      i.cut_length_m,
      i.vc_reachable_m_min,
    );
    return {
      life_min_cost_min: r.minCost.lifeMin,
      v_min_cost_m_min: r.minCost.vcMPerMin,
      life_max_output_min: r.maxOutput.lifeMin,
      v_max_output_m_min: r.maxOutput.vcMPerMin,
      v_set_m_min: r.setMPerMin,
      life_at_set_min: r.lifeAtSetMin,
      cost_at_set: r.costAtSet,
      limited_by_machine: r.limitedByMachine,
    };
  },
});

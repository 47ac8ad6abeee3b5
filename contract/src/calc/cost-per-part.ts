import { costPerPart } from '@pike-stone/core/choose';
import * as z from 'zod';
import { costSchema, toCostInputs } from './cost-inputs';
import { oneOf, result } from './schema';
import { topic } from './topic';

export const costPerPartTopic = topic({
  input: costSchema,
  output: z.strictObject({
    hss_lives: result,
    hss_cost_per_life: result,
    hss_tool_cost: result,
    hss_cost_per_part: result,
    carbide_cost_per_edge_life: result,
    carbide_tool_cost: result,
    carbide_cost_per_part: result,
    cheaper: oneOf(['hss', 'carbide', 'equal']),
  }),
  run: (i) => {
    const r = costPerPart(toCostInputs(i));
    return {
      hss_lives: r.hssLives,
      hss_cost_per_life: r.hssCostPerLife,
      hss_tool_cost: r.hssToolCost,
      hss_cost_per_part: r.hssCostPerPart,
      carbide_cost_per_edge_life: r.carbideCostPerEdgeLife,
      carbide_tool_cost: r.carbideToolCost,
      carbide_cost_per_part: r.carbideCostPerPart,
      cheaper: r.cheaper,
    };
  },
});

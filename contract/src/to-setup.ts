import { withDiameter, type CutSetup } from '@pike-stone/core';
import type { CutChoice } from './record/cut';
import type { MachineBody } from './record/machine';
import type { MetalBody } from './record/metal';
import type { StockBody } from './record/stock';
import type { ToolBody } from './record/tool';

/**
 * The records a cut names, put together as the core wants them.
 *
 * @param metal  the shop's own, when the stock names one
 */
export function toSetup(
  choice: CutChoice,
  machine: MachineBody,
  stock: StockBody,
  tool: ToolBody,
  metal: MetalBody | null,
): CutSetup {
  const { machineId: _m, stockId: _s, toolId: _t, cutterDiameterMm, ...chosen } = choice;
  const { name, uncertain, skinMm } = stock;
  return {
    ...chosen,
    machine,
    stock: {
      name,
      uncertain,
      skinMm,
      materialKey: metal?.baseKey ?? stock.metal,
      own: metal ? ownValues(metal) : undefined,
    },
    tool: withDiameter(tool, cutterDiameterMm),
  };
}

/** Values of a shop's own metal that replace those of the library. */
export const ownValues = ({ name, ownSpeeds, fzPerDiameter, drillFeedFactor }: MetalBody) => ({
  name,
  speedMPerMin: ownSpeeds,
  fzPerDiameter,
  drillFeedFactor,
});

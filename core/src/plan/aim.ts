import type { Material, SpeedOperation } from '../material/material';
import {
  factorChain,
  withLearned,
  type FactorChain,
  type FactorName,
  type LearnedFactors,
} from '../mechanics/factor-chain';
import { speedRange, type SpeedRange } from '../mechanics/speed-range';
import type { ToolMaterial } from '../tool/tool-material';
import type { ShopRules } from './rules';

/** The cutting speed to aim at, and what it was made from. */
export interface SpeedAim {
  readonly range: SpeedRange;
  readonly factors: FactorChain;
  readonly aimMPerMin: number;
}

/** The start of the chart range by the shop's school, times the factors of the set-up. */
export function speedAim(
  metal: Material,
  edge: ToolMaterial,
  column: SpeedOperation,
  rules: Pick<ShopRules, 'school' | 'backOffThird'>,
  names: readonly FactorName[],
  learned?: LearnedFactors | null,
): SpeedAim {
  const range = speedRange(metal, edge, column, rules.school, rules.backOffThird);
  const chain = factorChain(metal, edge, names);
  const factors = learned ? withLearned(chain, learned) : chain;
  return { range, factors, aimMPerMin: range.startMPerMin * factors.speedFactor };
}

/** The fast end of the chart, m/min; a factor above 1 lifts it, factors below 1 leave it. */
export const fastestMPerMin = (range: SpeedRange, { speedFactor }: FactorChain): number =>
  range.highMPerMin * Math.max(1, speedFactor);

import { economicSpeed, type EconomicSpeed } from '../cost/economic-speed';
import type { JobChoice } from './job-choice';
import type { JudgedTool } from './judged-tool';

/** What a tool was planned with, and the speeds that would cost least and make most. */
export interface CheapestSpeed extends Pick<JudgedTool, 'tool' | 'family'> {
  readonly plannedMPerMin: number;
  readonly found: EconomicSpeed;
}

/** Changing an edge takes a few seconds at the least, minutes. */
const LEAST_CHANGE_MIN = 0.1;

/**
 * The cheapest speed of either tool of a choice. The line of life against speed is the
 * usual one of the edge, laid through the life that its planned cut has.
 *
 * @returns first that of high speed steel, then that of carbide
 */
export function cheapestSpeeds({
  hss,
  carbide,
  cost,
  costInputs,
  inputs,
}: Pick<JobChoice<unknown>, 'hss' | 'carbide' | 'cost' | 'costInputs' | 'inputs'>): readonly CheapestSpeed[] {
  const of = ({ tool, family, plan, lifeMin }: JudgedTool, edgeCost: number, changeMin: number) => {
    const { n } = plan.edge.life;
    const plannedMPerMin = plan.speed.actualMPerMin;
    const found = economicSpeed(
      { n, cMPerMin: plannedMPerMin * lifeMin ** n },
      { ratePerMin: costInputs.ratePerMin, changeMin: Math.max(LEAST_CHANGE_MIN, changeMin), edgeCost },
      1,
      inputs.reachableMPerMin,
    );
    return { tool, family, plannedMPerMin, found };
  };
  return [
    of(hss.judged, cost.hssCostPerLife, costInputs.hssResetMin),
    of(carbide.judged, cost.carbideCostPerEdgeLife, costInputs.indexMin),
  ];
}

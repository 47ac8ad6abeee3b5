import { chipForm, type ChipBreaker, type ChipCut, type ChipForm } from '../mechanics/chip-form';
import { AMBIENT_C, oxideColour, type OxideColour } from '../mechanics/heat';
import type { SpecificForce } from '../mechanics/specific-force';
import type { ToolLife } from '../mechanics/tool-life';
import type { CutPlan } from '../operation/cut-plan';
import { forceEdge } from '../operation/edge';
import type { EdgeLoad } from '../operation/operation';
import { operationOf, type CutSetup } from '../operation/registry';
import type { Tool } from '../tool/tool';
import { chartedHeat, edgeLife } from './against-chart';
import { finishForecast, nosed, type FinishForecast } from './finish-forecast';
import { powerShare, type PowerShare } from './power-share';
import { springForecast, type SpringForecast } from './spring-forecast';

/** What the cut asks of the spindle, and what the spindle has in this speed step. */
export interface PowerForecast extends PowerShare, EdgeLoad {
  readonly force: SpecificForce;
}

export interface HeatForecast {
  readonly interfaceC: number;
  readonly marginK: number;
  /** Share of the computed rise that is believed; under 1 it is scaled to the chart. */
  readonly trust: number;
  readonly verdict: 'good' | 'watch' | 'over';
  readonly colour: OxideColour | null;
}

export interface Forecast {
  /** Null where nothing is cut off. */
  readonly power: PowerForecast | null;
  readonly spring: SpringForecast | null;
  readonly finish: FinishForecast | null;
  readonly chip: ChipForm | null;
  readonly heat: HeatForecast | null;
  readonly life: ToolLife | null;
  /** Length of one pass, and the time it takes. */
  readonly lengthMm: number;
  readonly passS: number;
}

/** An edge this far below its limit is good, K. */
const GOOD_K = 100;
const GOOD_SHARE = 1 / 6;
export const NO_BREAKER: ChipBreaker = { kind: 'none' };

/** The chip breaker that is ground into a tool. */
export function breakerOf(tool: Tool): ChipBreaker {
  const groove = 'ground' in tool ? tool.ground?.groove : undefined;
  return groove ? { kind: 'groove', ...groove } : NO_BREAKER;
}

/** What the cut as it is set will do, from the plan alone. */
export function forecast(setup: CutSetup, plan: CutPlan): Forecast {
  const operation = operationOf(setup);
  const power = powerForecast(setup, plan);
  const lengthMm = operation.passLengthMm(setup, plan);
  const cut = chipCut(setup, plan);
  const heat = power && heatForecast(setup, plan, power.force.kOperation);
  return {
    power,
    spring: power && springForecast(setup, plan, power),
    finish: finishForecast(setup, plan),
    chip: cut && chipForm(cut, breakerOf(setup.tool)),
    heat,
    life: power && edgeLife(setup, plan, heat?.verdict === 'over'),
    lengthMm,
    passS: (60 * lengthMm) / plan.feed.mmMin,
  };
}

/** The cut as the chip sees it; null where the chip of a single point is not told. */
export function chipCut(setup: CutSetup, { depth, feed, metal, edge }: CutPlan): ChipCut | null {
  const tool = nosed(setup.tool);
  if (operationOf(setup).surface !== 'nose' || !tool) return null;
  return {
    depthMm: depth.mm,
    feedMmRev: feed.mmRev,
    noseRadiusMm: tool.noseRadiusMm,
    approachDeg: tool.approachDeg,
    rakeDeg: forceEdge(tool, metal, edge).rakeDeg,
    chipRatio: metal.chipRatio,
    breakStrain: metal.breakStrain,
    fluid: setup.fluid !== 'dry',
  };
}

/** Force, torque and power, against what the machine has in this speed step. */
function powerForecast(setup: CutSetup, plan: CutPlan): PowerForecast | null {
  const operation = operationOf(setup);
  const load = operation.spindleLoad(setup, plan);
  const edge = operation.edgeLoad(setup, plan);
  return load && edge && { ...powerShare(setup, plan, load), ...edge, force: load.force };
}

function heatForecast(setup: CutSetup, plan: CutPlan, kOperation: number): HeatForecast | null {
  const { metal, edge } = plan;
  const chipMm = operationOf(setup).chipThicknessMm(setup, plan);
  const heat = chartedHeat(setup, plan, kOperation, chipMm);
  if (!heat) return null;
  const { interfaceC, chipBodyC, trust } = heat;
  const marginK = edge.hotLimitC - interfaceC;
  return {
    interfaceC,
    marginK,
    trust,
    verdict: verdictOf(marginK, edge.hotLimitC),
    colour: oxideColour(metal, 'chip', chipBodyC, setup.fluid === 'flood'),
  };
}

/** Good from 100 K under the limit, or from a sixth of the way to it where the limit itself is low. */
function verdictOf(marginK: number, hotLimitC: number): HeatForecast['verdict'] {
  if (marginK < 0) return 'over';
  return marginK >= Math.min(GOOD_K, GOOD_SHARE * (hotLimitC - AMBIENT_C)) ? 'good' : 'watch';
}

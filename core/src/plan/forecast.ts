import { chipForm, type ChipBreaker, type ChipCut, type ChipForm } from '../mechanics/chip-form';
import { barDeflection, endMillDeflection, WORST_PLACE, workDeflection } from '../mechanics/deflection';
import { AMBIENT_C, interfaceHeat, oxideColour, type OxideColour } from '../mechanics/heat';
import {
  builtUpEdgeFactor,
  idealRoughness,
  machineFinishFactor,
  millingRoughness,
  minChipRoughness,
} from '../mechanics/roughness';
import type { SpecificForce } from '../mechanics/specific-force';
import { toolLife, type ToolLife } from '../mechanics/tool-life';
import type { CutPlan } from '../operation/cut-plan';
import { forceEdge } from '../operation/edge';
import type { EdgeLoad } from '../operation/operation';
import { operationOf, type CutSetup } from '../operation/registry';
import type { BoringBar, Tool, TurningTool } from '../tool/tool';
import { overhang } from './factors';
import { powerShare, type PowerShare } from './power-share';

/** What the cut asks of the spindle, and what the spindle has in this speed step. */
export interface PowerForecast extends PowerShare, EdgeLoad {
  readonly force: SpecificForce;
}

export interface SpringForecast {
  readonly what: 'work' | 'cutter' | 'bar';
  readonly mm: number;
  /** On the diameter when turning, on the wall when milling. */
  readonly errorMm: number;
  readonly ratio: number;
  readonly allowable: number;
}

export interface FinishForecast {
  readonly idealRaUm: number;
  readonly realisticRaUm: number;
  readonly lowRaUm: number;
  readonly highRaUm: number;
  /** A finer feed would leave it rougher: the edge cannot cut so thin a chip. */
  readonly finerIsWorse: boolean;
  readonly builtUp: number;
}

export interface HeatForecast {
  readonly interfaceC: number;
  readonly marginK: number;
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
export const NO_BREAKER: ChipBreaker = { kind: 'none' };
/** A real surface lies from so much of the model to so much of it. */
const SPREAD = { low: 0.7, high: 1.5 } as const;
/** An end edge is taken to stand from 1° to 60° off the surface. */
const END_EDGE_DEG = { least: 1, most: 60 } as const;
/** Ra over the height of a row of milled ridges, 4/(9 sqrt 3). */
const RA_OF_RIDGES = 0.2566;
/** Hollow of an end mill's end, degrees. */
const DISH_DEG = 1.5;

/** A tool with one nose, where the operation makes its surface with it; null for the others. */
const nosed = (tool: Tool): TurningTool | BoringBar | null =>
  tool.kind === 'turning-tool' || tool.kind === 'boring-bar' ? tool : null;

/** What the cut as it is set will do: deterministic, from the plan alone. */
export function forecast(setup: CutSetup, plan: CutPlan): Forecast {
  const operation = operationOf(setup);
  const power = powerForecast(setup, plan);
  const lengthMm = operation.passLengthMm(setup, plan);
  const cut = chipCut(setup, plan);
  return {
    power,
    spring: power && springForecast(setup, plan, power),
    finish: finishForecast(setup, plan),
    chip: cut && chipForm(cut, NO_BREAKER),
    heat: power && heatForecast(setup, plan, power.force.kc, operation.chipThicknessMm(setup, plan)),
    life: cut && lifeForecast(plan),
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

const lifeForecast = ({ metal, edge, speed, feed, depth }: CutPlan): ToolLife | null =>
  toolLife(metal, edge, speed.actualMPerMin, feed.mmRev, depth.mm, speed.range.leastUsefulMPerMin);

/** Force, torque and power, against what the machine has in this speed step. */
function powerForecast(setup: CutSetup, plan: CutPlan): PowerForecast | null {
  const operation = operationOf(setup);
  const load = operation.spindleLoad(setup, plan);
  const edge = operation.edgeLoad(setup, plan);
  return load && edge && { ...powerShare(setup, plan, load), ...edge, force: load.force };
}

/** How far bar, work or cutter gives way; null where nothing stands out that could. */
function springForecast(setup: CutSetup, plan: CutPlan, load: EdgeLoad): SpringForecast | null {
  const { standsOut, supported, cuttingLengthMm } = operationOf(setup);
  const { tool, stickOutMm } = setup;
  const { pushN, cuttingN } = load;
  const out = overhang(setup);
  if (standsOut === 'bar' && out) {
    const r = barDeflection('steel', out.diameterMm, stickOutMm, pushN, cuttingN);
    const { radialMm: mm, diameterErrorMm: errorMm, overhangRatio: ratio, allowable } = r;
    return { what: 'bar', mm, errorMm, ratio, allowable };
  }
  if (supported) {
    const at = WORST_PLACE[setup.support] * stickOutMm;
    const r = workDeflection(setup.support, plan.metal.eGPa, setup.workDiameterMm, 0, stickOutMm, at, pushN);
    const { deflectionMm: mm, diameterErrorMm: errorMm, slenderness: ratio, allowable } = r;
    return { what: 'work', mm, errorMm, ratio, allowable };
  }
  const flutedMm = cuttingLengthMm(tool);
  if (standsOut !== 'cutter' || !out || flutedMm === null) return null;
  const { diameterMm } = out;
  const shankMm = ('shankMm' in tool ? tool.shankMm : undefined) ?? diameterMm;
  const outMm = Math.max(stickOutMm, plan.depth.mm);
  const mm = endMillDeflection(plan.edge.family, diameterMm, shankMm, flutedMm, outMm, pushN);
  return { what: 'cutter', mm, errorMm: mm, ratio: out.ratio, allowable: out.allowable };
}

const builtUpIn = ({ tool, fluid }: CutSetup, { metal, edge, speed }: CutPlan): number =>
  builtUpEdgeFactor(
    metal.builtUpEdge,
    speed.actualMPerMin,
    fluid !== 'dry',
    forceEdge(tool, metal, edge).rakeDeg,
  );

/** How much rougher than the ridges of feed and nose: built-up edge and machine. */
export const finishFactor = (setup: CutSetup, plan: CutPlan): number =>
  builtUpIn(setup, plan) * machineFinishFactor(setup.machine.condition);

function finishForecast(setup: CutSetup, plan: CutPlan): FinishForecast | null {
  const { surface } = operationOf(setup);
  const tool = nosed(setup.tool);
  if (surface === 'nose' && tool) return turnedFinish(tool, setup, plan);
  return surface === 'peripheral' || surface === 'face' ? milledFinish(surface, setup, plan) : null;
}

/** The rougher of the ridges of feed and nose and of the least chip the edge cuts. */
function turnedFinish(
  { noseRadiusMm, approachDeg, cornerDeg }: TurningTool | BoringBar,
  setup: CutSetup,
  plan: CutPlan,
): FinishForecast {
  const { mmRev } = plan.feed;
  const end = 180 - approachDeg - cornerDeg;
  const endDeg = Math.min(END_EDGE_DEG.most, Math.max(END_EDGE_DEG.least, end));
  const ideal = idealRoughness(mmRev, noseRadiusMm, approachDeg, endDeg);
  const least = minChipRoughness(mmRev, noseRadiusMm, plan.edge.edgeRadiusUm);
  const real = Math.max(ideal.raUm, least.raUm) * finishFactor(setup, plan);
  return {
    idealRaUm: ideal.raUm,
    realisticRaUm: real,
    lowRaUm: SPREAD.low * real,
    highRaUm: SPREAD.high * real,
    finerIsWorse: least.finerIsWorse,
    builtUp: builtUpIn(setup, plan),
  };
}

/** From every tooth true to one tooth that stands out, which is usual; null for a tool without teeth. */
function milledFinish(surface: 'peripheral' | 'face', setup: CutSetup, plan: CutPlan): FinishForecast | null {
  const { tool } = setup;
  if (!('teeth' in tool)) return null;
  const noseMm = 'noseRadiusMm' in tool ? tool.noseRadiusMm : 0;
  const fz = plan.feed.mmRev / tool.teeth;
  const kind = surface === 'face' ? 'face-nose' : 'peripheral';
  const marks = millingRoughness(kind, tool.diameterMm, fz, tool.teeth, noseMm, DISH_DEG);
  const factor = finishFactor(setup, plan);
  return {
    idealRaUm: RA_OF_RIDGES * marks.everyToothUm,
    realisticRaUm: RA_OF_RIDGES * marks.oneToothUm * factor,
    lowRaUm: RA_OF_RIDGES * marks.everyToothUm * factor,
    highRaUm: RA_OF_RIDGES * marks.oneToothUm * factor * SPREAD.high,
    finerIsWorse: false,
    builtUp: builtUpIn(setup, plan),
  };
}

function heatForecast(setup: CutSetup, plan: CutPlan, kc: number, chipMm: number): HeatForecast | null {
  const { metal, edge, speed } = plan;
  if (!metal.thermal) return null;
  const wet = setup.fluid !== 'dry';
  const { interfaceC, chipBodyC } = interfaceHeat(
    kc,
    metal.thermal,
    speed.actualMPerMin,
    chipMm,
    AMBIENT_C,
    wet,
  );
  const marginK = edge.hotLimitC - interfaceC;
  return {
    interfaceC,
    marginK,
    verdict: marginK > GOOD_K ? 'good' : marginK >= 0 ? 'watch' : 'over',
    colour: oxideColour(metal, 'chip', chipBodyC, setup.fluid === 'flood'),
  };
}

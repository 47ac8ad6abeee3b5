import {
  builtUpEdgeFactor,
  idealRoughness,
  machineFinishFactor,
  milledFinish,
  millingRoughness,
  minChipRoughness,
} from '../mechanics/roughness';
import type { CutPlan } from '../operation/cut-plan';
import { forceEdge } from '../operation/edge';
import { operationOf, type CutSetup } from '../operation/registry';
import type { BoringBar, Tool, TurningTool } from '../tool/tool';

/** Roughness that a cut will leave, Ra in um: ideal, real, and the range of a real one. */
export interface FinishForecast {
  readonly idealRaUm: number;
  readonly realisticRaUm: number;
  readonly lowRaUm: number;
  readonly highRaUm: number;
  /** A finer feed would leave it rougher: the edge cannot cut so thin a chip. */
  readonly finerIsWorse: boolean;
  readonly builtUp: number;
}

/** A real surface lies from so much of the model to so much of it. */
const SPREAD = { low: 0.7, high: 1.5 } as const;
/** An end edge is taken to stand from 1° to 60° off the surface. */
const END_EDGE_DEG = { least: 1, most: 60 } as const;
/** Hollow of an end mill's end, degrees. */
const DISH_DEG = 1.5;

/** The tool, when it has a single nose that makes the surface; null for the others. */
export const nosed = (tool: Tool): TurningTool | BoringBar | null =>
  tool.kind === 'turning-tool' || tool.kind === 'boring-bar' ? tool : null;

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

/** Roughness by the nose or the teeth that make the surface; null where neither does. */
export function finishForecast(setup: CutSetup, plan: CutPlan): FinishForecast | null {
  const { surface } = operationOf(setup);
  const tool = nosed(setup.tool);
  if (surface === 'nose' && tool) return turnedFinish(tool, setup, plan);
  return surface === 'peripheral' || surface === 'face' ? cutterFinish(surface, setup, plan) : null;
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

/** One tooth stands out by the runout of the machine, which adds its own floor; null for a tool without teeth. */
function cutterFinish(surface: 'peripheral' | 'face', setup: CutSetup, plan: CutPlan): FinishForecast | null {
  const { tool } = setup;
  if (!('teeth' in tool)) return null;
  const noseMm = 'noseRadiusMm' in tool ? tool.noseRadiusMm : 0;
  const fz = plan.feed.mmRev / tool.teeth;
  const kind = surface === 'face' ? 'face-nose' : 'peripheral';
  const marks = millingRoughness(kind, tool.diameterMm, fz, tool.teeth, noseMm, DISH_DEG);
  // A flat land as long as the feed of a turn wipes what the other teeth leave.
  const landMm = ('landMm' in tool ? tool.landMm : undefined) ?? 0;
  const isWiped = surface === 'face' && landMm >= plan.feed.mmRev;
  const left = isWiped ? { ...marks, oneToothUm: marks.everyToothUm } : marks;
  const { idealRaUm, realisticRaUm: real } = milledFinish(left, setup.machine.condition);
  return {
    idealRaUm,
    realisticRaUm: real,
    lowRaUm: SPREAD.low * real,
    highRaUm: SPREAD.high * real,
    finerIsWorse: false,
    builtUp: 1,
  };
}

import { chipForm, type ChipBreaker, type ChipCut, type ChipForm } from '../cut/chip-form';
import { barDeflection, endMillDeflection, WORST_PLACE, workDeflection } from '../cut/deflection';
import { interfaceHeat, oxideColour, type OxideColour } from '../cut/heat';
import { millingForce } from '../cut/milling-force';
import {
  builtUpEdgeFactor,
  idealRoughness,
  machineFinishFactor,
  millingRoughness,
  minChipRoughness,
} from '../cut/roughness';
import { forceConstants, type SpecificForce } from '../cut/specific-force';
import { toolLife, type ToolLife } from '../cut/tool-life';
import type { CutPlan } from './cut-plan';
import { supported } from './burdens';
import { barDiameter, cuttingOf, type CutSetup } from './cut-setup';
import { engagement } from './engagement';
import { OPERATIONS } from './operations';
import { edgeOf, POINT_DEG } from './edge-geometry';
import { cutLength } from './particulars';
import { threadPass } from './thread-pass';
import { cutForce, powerShare, type PowerShare } from './power-share';
import { DEG } from '../quantity/angle';

/** What the cut asks of the spindle, and what the spindle has in this step. */
export interface PowerForecast extends PowerShare {
  readonly force: SpecificForce;
  /** At the edge, N; the highest of a tooth when milling, the thrust beside it when drilling. */
  readonly cuttingN: number;
  readonly pushN: number;
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
  /** For one pass as long as the work or the cutter's way over 100 mm, s. */
  readonly lengthMm: number;
  readonly passS: number;
}

const GOOD_K = 100;
const AMBIENT_C = 20;
export const NO_BREAKER: ChipBreaker = { kind: 'none' };
/** A pass of a mill is told for this length. */
const MILLED_MM = 100;
const SPREAD = { low: 0.7, high: 1.5 } as const;

/** What the cut as it is set will do: deterministic, from the plan alone. */
export function forecast(setup: CutSetup, plan: CutPlan): Forecast {
  const power = powerForecast(setup, plan);
  const turning = cuttingOf(setup) === 'turning';
  const chipMm = chipThickness(setup, plan);
  const lengthMm = passLength(setup, plan);
  return {
    power,
    lengthMm,
    passS: (60 * lengthMm) / plan.feed.mmMin,
    spring: power && springForecast(setup, plan, power),
    finish: finishForecast(setup, plan),
    chip: turning ? chipForm(chipCut(setup, plan), NO_BREAKER) : null,
    heat: power && heatForecast(setup, plan, power.force.kc, chipMm),
    life: turning
      ? toolLife(
          plan.metal,
          plan.edge,
          plan.speed.actualMPerMin,
          plan.feed.mmRev,
          plan.depth.mm,
          plan.speed.range.leastUsefulMPerMin,
        )
      : null,
  };
}

/** The cut as the chip sees it. */
export const chipCut = (setup: CutSetup, plan: CutPlan): ChipCut => ({
  depthMm: plan.depth.mm,
  feedMmRev: plan.feed.mmRev,
  noseRadiusMm: setup.tool.noseRadiusMm,
  approachDeg: setup.tool.approachDeg,
  rakeDeg: edgeOf(setup, plan).rakeDeg,
  chipRatio: plan.metal.chipRatio,
  breakStrain: plan.metal.breakStrain,
  fluid: setup.fluid !== 'dry',
});

/** How far the edge goes in one pass, mm. */
function passLength(setup: CutSetup, plan: CutPlan): number {
  switch (setup.operation) {
    case 'drill':
    case 'centre-drill':
    case 'plunge':
    case 'groove':
    case 'form':
    case 'chamfer':
      return plan.depth.mm;
    case 'face':
    case 'part':
      return setup.workDiameterMm / 2;
    case 'turn':
    case 'bore':
    case 'mill-bore':
    case 'knurl':
    case 'file':
      return setup.stickOutMm;
    case 'shoulder':
    case 'taper':
    case 'thread':
      return cutLength(setup);
    case 'shape':
      return plan.depth.widthInUseMm ?? MILLED_MM;
    default:
      return MILLED_MM;
  }
}

/** Force, torque and power, against what the machine has in this step. */
export function powerForecast(setup: CutSetup, plan: CutPlan): PowerForecast | null {
  const found = cutForce(setup, plan);
  if (!found) return null;
  const share = powerShare(setup, plan, found);
  if (found.by === 'drill')
    return {
      ...share,
      force: found.force,
      cuttingN: (2000 * found.force.torqueNm) / plan.diameterMm,
      pushN: found.force.thrustN,
    };
  if (found.by === 'turn')
    return {
      ...share,
      force: found.force,
      cuttingN: found.force.fcN,
      pushN: cuttingOf(setup) === 'blade' ? found.force.ffN : found.force.fpN,
    };
  const { peakN } = millingForce(forceConstants(plan.metal), edgeOf(setup, plan), found.cut);
  return { ...share, force: found.force, cuttingN: peakN, pushN: 1.1 * peakN };
}

/** Thickness of the chip that makes the heat, mm. */
function chipThickness(setup: CutSetup, plan: CutPlan): number {
  const { tool } = setup;
  const { cutting } = OPERATIONS[setup.operation];
  if (cutting === 'drilling') return (plan.feed.mmRev / 2) * Math.sin((POINT_DEG / 2) * DEG);
  if (cutting === 'reaming' || cutting === 'plunging') return plan.feed.mmRev / Math.max(1, tool.teeth);
  if (cutting === 'threading') return threadPass(setup).thicknessMm;
  if (cutting === 'blade') return plan.feed.mmRev;
  if (cutting === 'turning') return plan.feed.mmRev * Math.sin(tool.approachDeg * DEG);
  const { aeMm: ae } = engagement(setup, plan.depth.mm, plan.depth.widthInUseMm);
  return (
    ((plan.feed.mmRev / tool.teeth) * 2 * (ae / tool.diameterMm)) / Math.acos(1 - (2 * ae) / tool.diameterMm)
  );
}

function springForecast(
  setup: CutSetup,
  plan: CutPlan,
  { pushN, cuttingN }: PowerForecast,
): SpringForecast | null {
  const facts = OPERATIONS[setup.operation];
  if (facts.overhang === 'bar') {
    const r = barDeflection('steel', barDiameter(setup), setup.stickOutMm, pushN, cuttingN);
    return {
      what: 'bar',
      mm: r.radialMm,
      errorMm: r.diameterErrorMm,
      ratio: r.overhangRatio,
      allowable: r.allowable,
    };
  }
  if (supported(setup.operation)) {
    const r = workDeflection(
      setup.support,
      plan.metal.eGPa,
      setup.workDiameterMm,
      0,
      setup.stickOutMm,
      WORST_PLACE[setup.support] * setup.stickOutMm,
      pushN,
    );
    return {
      what: 'work',
      mm: r.deflectionMm,
      errorMm: r.diameterErrorMm,
      ratio: r.slenderness,
      allowable: r.allowable,
    };
  }
  if (facts.overhang === 'cutter' && facts.cutting === 'milling') {
    const { tool } = setup;
    const mm = endMillDeflection(
      plan.edge.family,
      tool.diameterMm,
      tool.shankMm ?? tool.diameterMm,
      tool.fluteLengthMm,
      Math.max(setup.stickOutMm, plan.depth.mm),
      pushN,
    );
    return { what: 'cutter', mm, errorMm: mm, ratio: setup.stickOutMm / tool.diameterMm, allowable: 4 };
  }
  return null;
}

const builtUpIn = (setup: CutSetup, plan: CutPlan): number =>
  builtUpEdgeFactor(
    plan.metal.builtUpEdge,
    plan.speed.actualMPerMin,
    setup.fluid !== 'dry',
    edgeOf(setup, plan).rakeDeg,
  );

/** How much rougher than the ridges of feed and nose: built-up edge and machine. */
export const finishFactor = (setup: CutSetup, plan: CutPlan): number =>
  builtUpIn(setup, plan) * machineFinishFactor(setup.machine.condition);

function finishForecast(setup: CutSetup, plan: CutPlan): FinishForecast | null {
  const { tool, machine } = setup;
  const builtUp = builtUpIn(setup, plan);
  const onMachine = builtUp * machineFinishFactor(machine.condition);
  const { cutting } = OPERATIONS[setup.operation];
  if (cutting === 'turning') {
    const ideal = idealRoughness(
      plan.feed.mmRev,
      tool.noseRadiusMm,
      tool.approachDeg,
      Math.min(60, Math.max(1, 180 - tool.approachDeg - tool.cornerDeg)),
    );
    const least = minChipRoughness(plan.feed.mmRev, tool.noseRadiusMm, plan.edge.edgeRadiusUm);
    const real = Math.max(ideal.raUm, least.raUm) * onMachine;
    return {
      idealRaUm: ideal.raUm,
      realisticRaUm: real,
      lowRaUm: SPREAD.low * real,
      highRaUm: SPREAD.high * real,
      finerIsWorse: least.finerIsWorse,
      builtUp,
    };
  }
  if (cutting !== 'milling') return null;
  const fz = plan.feed.mmRev / tool.teeth;
  const marks = millingRoughness(
    setup.operation === 'face-mill' || setup.operation === 'fly-cut' ? 'face-nose' : 'peripheral',
    tool.diameterMm,
    fz,
    tool.teeth,
    tool.noseRadiusMm,
    1.5,
  );
  const ra = (um: number) => 0.2566 * um;
  return {
    idealRaUm: ra(marks.everyToothUm),
    realisticRaUm: ra(marks.oneToothUm) * onMachine,
    lowRaUm: ra(marks.everyToothUm) * onMachine,
    highRaUm: ra(marks.oneToothUm) * onMachine * SPREAD.high,
    finerIsWorse: false,
    builtUp,
  };
}

function heatForecast(setup: CutSetup, plan: CutPlan, kc: number, chipMm: number): HeatForecast | null {
  if (!plan.metal.thermal) return null;
  const wet = setup.fluid !== 'dry';
  const { interfaceC, chipBodyC } = interfaceHeat(
    kc,
    plan.metal.thermal,
    plan.speed.actualMPerMin,
    chipMm,
    AMBIENT_C,
    wet,
  );
  const marginK = plan.edge.hotLimitC - interfaceC;
  return {
    interfaceC,
    marginK,
    verdict: marginK > GOOD_K ? 'good' : marginK >= 0 ? 'watch' : 'over',
    colour: oxideColour(plan.metal, 'chip', chipBodyC, setup.fluid === 'flood'),
  };
}

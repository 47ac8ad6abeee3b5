import { drillingForce, type DrillingForce } from '../cut/drilling-force';
import { millingPower, type MillingCut, type MillingPower } from '../cut/milling-force';
import { forceConstants } from '../cut/specific-force';
import { turningForce, type TurningForce } from '../cut/turning-force';
import { spindlePower, type SpindlePower } from '../machine/spindle-power';
import type { CutPlan } from './cut-plan';
import { bladeWidth, type CutSetup } from './cut-setup';
import { engagement } from './engagement';
import { OPERATIONS } from './operations';
import { threadPass } from './thread-pass';
import { edgeOf, pointOf, POINT_DEG } from './edge-geometry';

/** What a cut asks of the spindle. */
export type CutForce =
  | { readonly by: 'drill'; readonly force: DrillingForce }
  | { readonly by: 'turn'; readonly force: TurningForce }
  | { readonly by: 'mill'; readonly force: MillingPower; readonly cut: MillingCut };

/** An end mill going straight down cuts flat, a centre drill on its cone. */
const FLAT_DEG = 180;
const CONE_DEG = 60;

/** The parts of a plan that force depends on. */
export type PlannedCut = Pick<CutPlan, 'metal' | 'edge' | 'diameterMm' | 'speed' | 'feed' | 'depth'>;

/** What a cut asks of the spindle; null where nothing is cut off: a knurl presses, a file is held by hand. */
export function cutForce(setup: CutSetup, plan: PlannedCut): CutForce | null {
  const constants = forceConstants(plan.metal);
  const edge = edgeOf(setup, plan);
  const { tool, operation } = setup;
  const { cutting, force: kind } = OPERATIONS[operation];
  if (cutting === 'pressing' || cutting === 'filing') return null;
  if (cutting === 'plunging') {
    return {
      by: 'drill',
      force: drillingForce(constants, edge, {
        diameterMm: tool.diameterMm,
        pilotMm: 0,
        feedMmRev: plan.feed.mmRev,
        rpm: plan.speed.rungRpm,
        pointAngleDeg: FLAT_DEG,
        point: 'thinned',
      }),
    };
  }
  if (cutting === 'drilling' || cutting === 'reaming') {
    return {
      by: 'drill',
      force: drillingForce(constants, edge, {
        diameterMm: plan.diameterMm,
        pilotMm: cutting === 'reaming' ? tool.diameterMm - 2 * plan.depth.mm : 0,
        feedMmRev: plan.feed.mmRev,
        rpm: plan.speed.rungRpm,
        pointAngleDeg: operation === 'centre-drill' ? CONE_DEG : POINT_DEG,
        point: pointOf(setup),
      }),
    };
  }
  if (cutting === 'turning' || cutting === 'blade' || cutting === 'threading') {
    const chip =
      cutting === 'threading'
        ? threadPass(setup)
        : {
            widthMm: cutting === 'blade' ? bladeWidth({ ...setup, depthMm: plan.depth.mm }) : plan.depth.mm,
            thicknessMm: plan.feed.mmRev,
          };
    const cut = {
      depthMm: chip.widthMm,
      feedMmRev: chip.thicknessMm,
      approachDeg: tool.approachDeg,
      noseRadiusMm: tool.noseRadiusMm,
      diameterMm: plan.diameterMm,
      speedMPerMin: plan.speed.actualMPerMin,
    };
    return { by: 'turn', force: turningForce(constants, edge, kind, cut) };
  }
  const face = operation === 'face-mill' || operation === 'fly-cut';
  const cut: MillingCut = {
    diameterMm: tool.diameterMm,
    ...engagement(setup, plan.depth.mm, plan.depth.widthInUseMm),
    teeth: tool.teeth,
    fzMm: plan.feed.mmRev / tool.teeth,
    rpm: plan.speed.rungRpm,
    approachDeg: face ? tool.approachDeg : 90,
    position: face ? 'centred' : 'side',
  };
  return { by: 'mill', force: millingPower(constants, edge, cut), cut };
}

export interface PowerShare {
  readonly torqueNm: number;
  readonly powerKw: number;
  /** What the machine has in this step; null when its motor is not known. */
  readonly has: SpindlePower | null;
  /** Of what there is, the tighter of power and torque; null when it is not known. */
  readonly share: number | null;
  readonly tighter: 'power' | 'torque';
}

/** Belts slip and single-phase motors stall: a quarter is left in reserve. */
export const POWER_RESERVE = 0.75;

/** Power and torque of the cut against what the machine has in the step in use. */
export function powerShare(
  setup: CutSetup,
  plan: PlannedCut,
  found: CutForce | null = cutForce(setup, plan),
): PowerShare {
  if (!found) return { torqueNm: 0, powerKw: 0, has: null, share: null, tighter: 'power' };
  const { force } = found;
  const { powerKw } = force;
  const torqueNm = 'torqueNm' in force ? force.torqueNm : (powerKw * 30_000) / (Math.PI * plan.speed.rungRpm);
  const step = setup.machine.speeds.find((one) => one.rpm === plan.speed.rungRpm);
  const has = step ? spindlePower(step, setup.machine.motor) : null;
  if (!has) return { torqueNm, powerKw, has, share: null, tighter: 'power' };
  const [byPower, byTorque] = [powerKw / has.powerKw, torqueNm / has.torqueNm];
  return {
    torqueNm,
    powerKw,
    has,
    share: Math.max(byPower, byTorque),
    tighter: byTorque > byPower ? 'torque' : 'power',
  };
}

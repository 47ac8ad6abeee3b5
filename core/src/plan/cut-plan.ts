import { factorChain, type FactorChain } from '../cut/factor-chain';
import { shopShortcutMetric, type ShortcutResult } from '../cut/shop-shortcut';
import { spindleSpeed, surfaceSpeed } from '../cut/spindle-speed';
import { speedRange, type SpeedRange } from '../cut/speed-range';
import { dialReading } from '../machine/dial';
import { chooseRung, type RungChoice } from '../machine/rung-choice';
import type { SpeedStep } from '../machine/machine';
import { material, withOverride, type Material } from '../material/material';
import { positive } from '../quantity/check';
import { toolMaterial, type ToolMaterial } from '../tool/tool-material';
import { depthBurdens, standingBurdens } from './burdens';
import { cuttingOf, turningDiameter, type CutSetup, type ShopRules } from './cut-setup';
import { OPERATIONS, type Operation } from './operations';
import { depthDial, dialStepDown, startingDepth, type DepthStart } from './depth-start';
import { POWER_RESERVE, powerShare } from './power-share';
import { chooseFeed, startingFeed, type FeedChoice } from './feed-choice';

export interface SpeedPlan {
  readonly range: SpeedRange;
  /** The shop put its own range in place of the library's. */
  readonly rangeIsOwn: boolean;
  readonly factors: FactorChain;
  readonly aimMPerMin: number;
  readonly idealRpm: number;
  readonly shortcut: ShortcutResult;
  readonly choice: RungChoice;
  /** The step in use: the chosen one, or the one picked by hand. */
  readonly rungRpm: number;
  readonly setting: string;
  readonly byHand: boolean;
  readonly actualMPerMin: number;
  /** The eased chart range on the machine's scale. */
  readonly bandRpm: readonly [number, number];
  readonly topRpm: number;
}

export interface DepthPlan extends DepthStart {
  readonly mm: number;
  readonly widthInUseMm: number | null;
  readonly byHand: boolean;
  /** Divisions of the dial that set it, where a dial does. */
  readonly dialDivisions: number | null;
  readonly afterDiameterMm: number | null;
  /** The bore before this cut. */
  readonly beforeDiameterMm: number | null;
}

export interface CutPlan {
  readonly metal: Material;
  readonly edge: ToolMaterial;
  readonly diameterMm: number;
  readonly speed: SpeedPlan;
  readonly feed: FeedChoice;
  readonly depth: DepthPlan;
}

/** Operations whose width is a matter of choice; else the cutter or the form sets it. */
export const CHOSEN_WIDTH: readonly Operation[] = ['mill-side', 'face-mill', 'fly-cut', 'dovetail'];
function widthInUse(setup: CutSetup, startMm: number | null): number | null {
  if (startMm === null) return null;
  if (setup.operation === 'shape' || setup.operation === 'groove')
    return Math.max(setup.operation === 'groove' ? startMm : 0, setup.widthMm ?? startMm);
  return CHOSEN_WIDTH.includes(setup.operation)
    ? Math.min(setup.widthMm ?? startMm, setup.tool.diameterMm)
    : startMm;
}

/** How often a depth is eased to the machine's power before it is left as it is. */
const MOST_EASINGS = 3;

/**
 * What to set on this machine for this cut: a start, to be worked up from.
 *
 * Order: chart range and school, burdens, aim, ideal speed, the machine's own
 * step, depth, feed at that step. Same inputs give the same answer.
 *
 * @throws RangeError when a diameter, depth or width is not above 0, the machine
 *   has no speeds, or a material or tool material is unknown
 */
export function cutPlan(setup: CutSetup, rules: ShopRules): CutPlan {
  const metal = withOverride(material(setup.stock.materialKey), setup.stock.own);
  const edge = toolMaterial(OPERATIONS[setup.operation].readAs ?? setup.tool.material);
  const diameterMm = positive('diameter', turningDiameter(setup));
  if (setup.depthMm !== null) positive('depth of cut', setup.depthMm);
  if (setup.widthMm !== null) positive('width of cut', setup.widthMm);
  positive('stick-out', setup.stickOutMm);

  const standing = standingBurdens(setup);
  const start = startingDepth(setup, metal, edge, factorChain(metal, edge, standing));
  const at = (depthMm: number, from: DepthStart): CutPlan => {
    const factors = factorChain(metal, edge, [...standing, ...depthBurdens(setup, depthMm)]);
    const speed = planSpeed(setup, rules, metal, edge, factors, diameterMm);
    const widthMm = widthInUse(setup, start.widthMm);
    const feed = chooseFeed(
      setup,
      startingFeed(setup, metal, edge, factors, depthMm, widthMm, speed.rungRpm),
      speed.rungRpm,
      edge,
      depthMm,
      widthMm,
    );
    return { metal, edge, diameterMm, speed, feed, depth: planDepth(setup, from, depthMm, widthMm) };
  };
  let plan = at(setup.depthMm ?? start.startMm, start);
  if (setup.depthMm !== null) return plan;
  // Less depth may lift a burden and so the speed: looked at again, a few times at most.
  for (let i = 0; i < MOST_EASINGS; i += 1) {
    const eased = depthWithinPower(setup, plan);
    if (eased === null) break;
    plan = at(eased, { ...start, startMm: eased, reason: 'machine-power' });
  }
  return plan;
}

/** A depth that leaves a quarter of the machine's power in reserve; null when the start does, or when depth has no part in it. */
function depthWithinPower(setup: CutSetup, plan: CutPlan): number | null {
  if (
    (cuttingOf(setup) !== 'turning' && cuttingOf(setup) !== 'milling')
    || OPERATIONS[setup.operation].disc
    || setup.operation === 't-slot'
    || setup.operation === 'dovetail'
  )
    return null;
  const { share } = powerShare(setup, plan);
  if (share === null || share <= POWER_RESERVE) return null;
  const eased = dialStepDown((plan.depth.mm * POWER_RESERVE) / share, depthDial(setup));
  const least = setup.firstPassOnSkin ? setup.stock.skinMm : (plan.feed.turning?.depthFloorMm ?? 0);
  return eased > least && eased < plan.depth.mm ? eased : null;
}

function planSpeed(
  setup: CutSetup,
  rules: ShopRules,
  metal: Material,
  edge: ToolMaterial,
  factors: FactorChain,
  diameterMm: number,
): SpeedPlan {
  const range = speedRange(
    metal,
    edge,
    OPERATIONS[setup.operation].speedColumn,
    rules.school,
    rules.backOffThird,
  );
  const aimMPerMin = range.startMPerMin * factors.speedFactor;
  const idealRpm = spindleSpeed(aimMPerMin, diameterMm);
  const { speeds } = setup.machine;
  const choice = chooseRung(
    speeds.map((step) => step.rpm),
    idealRpm,
    rules.rungRule,
    rules.overshootPercent,
  );
  const picked = setup.rpmByHand === null ? undefined : pickedStep(speeds, setup.rpmByHand);
  const step = picked ?? (speeds.find((one) => one.rpm === choice.chosenRpm) as SpeedStep);
  return {
    range,
    rangeIsOwn: setup.stock.own?.speedMPerMin?.[edge.speedSource] !== undefined,
    factors,
    aimMPerMin,
    idealRpm,
    shortcut: shopShortcutMetric(rules.shortcut, aimMPerMin, diameterMm),
    choice,
    rungRpm: step.rpm,
    setting: step.setting,
    byHand: picked !== undefined && picked.rpm !== choice.chosenRpm,
    actualMPerMin: surfaceSpeed(step.rpm, diameterMm),
    bandRpm: [
      spindleSpeed(range.lowMPerMin * factors.speedFactor, diameterMm),
      spindleSpeed(range.highMPerMin * factors.speedFactor, diameterMm),
    ],
    topRpm: (speeds.at(-1) as SpeedStep).rpm,
  };
}

/** A step picked before its speed was measured anew is still that step; further off, it is no longer there. */
const SAME_STEP = 0.04;
function pickedStep(speeds: readonly SpeedStep[], rpm: number): SpeedStep | undefined {
  const exact = speeds.find((step) => step.rpm === rpm);
  if (exact) return exact;
  const off = (step: SpeedStep): number => Math.abs(step.rpm / rpm - 1);
  const nearest = speeds.reduce((best, step) => (off(step) < off(best) ? step : best));
  return off(nearest) <= SAME_STEP ? nearest : undefined;
}

const GETS_SMALLER: readonly Operation[] = ['turn', 'shoulder', 'groove', 'form'];
function planDepth(setup: CutSetup, start: DepthStart, mm: number, widthInUseMm: number | null): DepthPlan {
  const smaller = GETS_SMALLER.includes(setup.operation);
  const dial = depthDial(setup);
  return {
    wantedMm: start.wantedMm,
    startMm: start.startMm,
    reason: start.reason,
    widthMm: start.widthMm,
    mm,
    widthInUseMm,
    byHand: setup.depthMm !== null,
    dialDivisions: dial ? dialReading(dial, mm).totalDivisions : null,
    beforeDiameterMm:
      OPERATIONS[setup.operation].force === 'bore' ? Math.max(0, setup.workDiameterMm - 2 * mm) : null,
    afterDiameterMm: smaller ? Math.max(0, setup.workDiameterMm - 2 * mm) : null,
  };
}

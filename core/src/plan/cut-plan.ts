import { dialReading } from '../machine/dial';
import type { SpeedStep } from '../machine/machine';
import { chooseRung } from '../machine/rung-choice';
import { material } from '../material/library';
import { withOverride } from '../material/material';
import { factorChain } from '../mechanics/factor-chain';
import { shopShortcutMetric } from '../mechanics/shop-shortcut';
import { spindleSpeed, surfaceSpeed } from '../mechanics/spindle-speed';
import type { CutPlan, DepthPlan, DepthStart, SpeedPlan } from '../operation/cut-plan';
import { toDialStep } from '../operation/depth-step';
import { operationOf, type CutSetup } from '../operation/registry';
import { positive } from '../quantity/out-of-range';
import { toolMaterial } from '../tool/library';
import type { ToolMaterial } from '../tool/tool-material';
import { speedAim, type SpeedAim } from './aim';
import { standingFactors } from './factors';
import { planFeed } from './feed-plan';
import { POWER_RESERVE, powerShare } from './power-share';
import type { ShopRules } from './rules';

/** A depth is eased to the machine's power so many times, then left as it is. */
const MOST_EASINGS = 3;

/**
 * What to set on this machine for this cut: a start, to be worked up from.
 *
 * Order: chart range and school, factors, aim, ideal speed, the machine's own speed
 * step, depth, feed at that step. The same inputs give the same answer. What is
 * particular to an operation is asked of its definition.
 *
 * @throws OutOfRange when a diameter, depth, width or stick-out is not above 0
 * @throws Error when the tool is not of the kind the operation is done with
 */
export function cutPlan(setup: CutSetup, rules: ShopRules): CutPlan {
  const operation = operationOf(setup);
  const metal = withOverride(material(setup.stock.materialKey), setup.stock.own);
  const edge = toolMaterial(operation.readAs ?? setup.tool.material);
  const diameterMm = positive('diameter', operation.rimDiameterMm(setup));
  if (setup.depthMm !== null) positive('depth of cut', setup.depthMm);
  if (setup.widthMm !== null) positive('width of cut', setup.widthMm);
  positive('stick-out', setup.stickOutMm);

  const standing = standingFactors(setup);
  const { depthFactor } = factorChain(metal, edge, standing);
  const start = operation.startDepth(setup, { metal, edge, depthFactor });
  const widthMm = start.widthMm && (operation.chosenWidthMm?.(setup, start.widthMm) ?? start.widthMm);
  const at = (depthMm: number, from: DepthStart): CutPlan => {
    const names = [...standing, ...operation.depthFactors(setup, depthMm)];
    const aim = speedAim(metal, edge, operation.speedColumn, rules, names);
    const speed = planSpeed(setup, rules, edge, aim, diameterMm);
    const { factors } = aim;
    const rpm = speed.rungRpm;
    const feedStart = operation.startFeed(setup, { metal, edge, factors, depthMm, widthMm, rpm });
    const feed = planFeed(setup, feedStart, rpm, edge, depthMm, widthMm);
    return { metal, edge, diameterMm, speed, feed, depth: planDepth(setup, from, depthMm, widthMm) };
  };
  let plan = at(setup.depthMm ?? start.startMm, start);
  if (setup.depthMm !== null || !operation.easesToPower) return plan;
  // Less depth may lift a factor and so the speed: looked at again, a few times at most.
  for (let i = 0; i < MOST_EASINGS; i += 1) {
    const eased = depthWithinPower(setup, plan);
    if (eased === null) break;
    plan = at(eased, { ...start, startMm: eased, reason: 'machine-power' });
  }
  return plan;
}

/** A depth that leaves a quarter of the machine's power in reserve, mm; null when the start does, or nothing less is of use. */
function depthWithinPower(setup: CutSetup, plan: CutPlan): number | null {
  const { share } = powerShare(setup, plan);
  if (share === null || share <= POWER_RESERVE) return null;
  const dial = operationOf(setup).depthDial(setup.machine);
  const eased = toDialStep((plan.depth.mm * POWER_RESERVE) / share, dial, Math.floor);
  const least = setup.firstPassOnSkin ? setup.stock.skinMm : (plan.feed.turning?.depthFloorMm ?? 0);
  return eased > least && eased < plan.depth.mm ? eased : null;
}

function planSpeed(
  setup: CutSetup,
  rules: ShopRules,
  edge: ToolMaterial,
  { range, factors, aimMPerMin }: SpeedAim,
  diameterMm: number,
): SpeedPlan {
  const { speeds } = setup.machine;
  const idealRpm = spindleSpeed(aimMPerMin, diameterMm);
  const rungs = speeds.map(({ rpm }) => rpm);
  const choice = chooseRung(rungs, idealRpm, rules.rungRule, rules.overshootPercent);
  const picked = setup.rpmByHand === null ? undefined : pickedStep(speeds, setup.rpmByHand);
  const step = picked ?? speeds.find(({ rpm }) => rpm === choice.chosenRpm)!;
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
    topRpm: speeds.at(-1)!.rpm,
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

function planDepth(
  setup: CutSetup,
  { wantedMm, startMm, reason, widthMm }: DepthStart,
  mm: number,
  widthInUseMm: number | null,
): DepthPlan {
  const operation = operationOf(setup);
  const dial = operation.depthDial(setup.machine);
  const otherMm = Math.max(0, setup.workDiameterMm - 2 * mm);
  return {
    wantedMm,
    startMm,
    reason,
    widthMm,
    mm,
    widthInUseMm,
    byHand: setup.depthMm !== null,
    dialDivisions: dial ? dialReading(dial, mm).totalDivisions : null,
    beforeDiameterMm: operation.diameterChange === 'larger' ? otherMm : null,
    afterDiameterMm: operation.diameterChange === 'smaller' ? otherMm : null,
  };
}

import type { CutPlan } from '../operation/cut-plan';
import { toDialStep, wholeSteps } from '../operation/depth-step';
import { operationOf, type CutSetup } from '../operation/registry';
import { surfaceSpeed } from '../mechanics/spindle-speed';
import type { PlanAt } from './plan-at';
import { leavesReserve, POWER_RESERVE, powerShare } from './power-share';

/** A depth is eased to the machine's power so many times, then left as it is. */
const MOST_EASINGS = 3;

/**
 * A plan that leaves a quarter of the machine's power and torque in reserve, as far as
 * that can be had: less depth where the plan chose it, then a finer feed down to the
 * least that cuts, then a slower speed step. A plan that leaves the reserve comes back
 * as it is; of those that do not, the one that takes least.
 */
export function withinPower(setup: CutSetup, plan: CutPlan, at: PlanAt): CutPlan {
  const { depthIsChosen, easesDepth } = operationOf(setup);
  // A depth that was typed is a choice: the findings say what it asks of the machine.
  if (depthIsChosen && setup.depthMm !== null) return plan;
  if (fits(setup, plan)) return plan;
  const shallower = easesDepth ? lessDepth(setup, plan, at) : plan;
  return fits(setup, shallower) ? shallower : lessFeed(setup, shallower, at);
}

const shareOf = (setup: CutSetup, plan: CutPlan): number => powerShare(setup, plan).share ?? 0;
const fits = (setup: CutSetup, plan: CutPlan): boolean => leavesReserve(shareOf(setup, plan));

/** Less depth may lift a factor and so the speed: looked at again, a few times at most. */
function lessDepth(setup: CutSetup, plan: CutPlan, at: PlanAt): CutPlan {
  let eased = plan;
  for (let i = 0; i < MOST_EASINGS; i += 1) {
    const share = shareOf(setup, eased);
    if (leavesReserve(share)) break;
    const dial = operationOf(setup).depthDial(setup.machine);
    const mm = toDialStep((eased.depth.mm * POWER_RESERVE) / share, dial, wholeSteps);
    if (mm <= leastDepthMm(setup, eased) || mm >= eased.depth.mm) break;
    eased = at({ ...eased.depth, startMm: mm, reason: 'machine-power' });
  }
  return eased;
}

/** No less than the skin, nor than what the edge still cuts, mm. */
const leastDepthMm = ({ firstPassOnSkin, stock }: CutSetup, { feed }: CutPlan): number =>
  firstPassOnSkin ? stock.skinMm : (feed.turning?.depthFloorMm ?? 0);

/** A finer feed in this step and in each slower one, until the reserve is left. */
function lessFeed(setup: CutSetup, plan: CutPlan, at: PlanAt): CutPlan {
  let [best, least] = [plan, shareOf(setup, plan)];
  for (const rpm of stepsDown(setup, plan)) {
    const atStep = rpm === plan.speed.rungRpm ? plan : at(plan.depth, { rpm, feedMmRev: null });
    const finer = finerFeed(setup, atStep, at, rpm === plan.speed.rungRpm ? null : rpm);
    const share = shareOf(setup, finer);
    if (share < least) [best, least] = [finer, share];
    if (leavesReserve(share)) break;
  }
  return best;
}

/** The step in use and those under it, fastest first; carbide is not taken under its useful speed. */
function stepsDown(setup: CutSetup, { speed, edge, diameterMm }: CutPlan): number[] {
  if (setup.rpmByHand !== null) return [speed.rungRpm];
  const isUseful = (rpm: number): boolean =>
    edge.family !== 'carbide' || surfaceSpeed(rpm, diameterMm) >= speed.range.leastUsefulMPerMin;
  const slower = setup.machine.speeds.map(({ rpm }) => rpm).filter((rpm) => rpm < speed.rungRpm);
  return [speed.rungRpm, ...slower.filter(isUseful).reverse()];
}

/** The feed that leaves the reserve, no finer than what cuts: force goes with feed^(1 - mc). */
function finerFeed(setup: CutSetup, plan: CutPlan, at: PlanAt, rpm: number | null): CutPlan {
  const share = shareOf(setup, plan);
  const { mmRev, lowMmRev, setting } = plan.feed;
  if (leavesReserve(share) || setup.feedByHand !== null || setting.how === 'screw') return plan;
  const eased = mmRev * (POWER_RESERVE / share) ** (1 / (1 - plan.metal.mc));
  const feedMmRev = Math.max(eased, lowMmRev);
  return feedMmRev < mmRev ? at(plan.depth, { rpm, feedMmRev }) : plan;
}

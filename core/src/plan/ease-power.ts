import type { CutPlan } from '../operation/cut-plan';
import { toDialStep, wholeSteps } from '../operation/depth-step';
import { operationOf, type CutSetup } from '../operation/registry';
import { surfaceSpeed } from '../mechanics/spindle-speed';
import type { PlanAt } from './plan-at';
import { leavesReserve, POWER_RESERVE, powerShare, stepPower, type PowerShare } from './power-share';

/** A depth is eased to the machine's power so many times, then left as it is. */
const MOST_EASINGS = 3;
/** A slower step is tried where an estimate of its torque comes as near as this to enough: cutting slower takes more force. */
const ESTIMATE_SLACK = 1.05;

/** A plan with what it takes of the machine. */
interface Weighed {
  readonly plan: CutPlan;
  readonly share: number;
  readonly torqueNm: number;
}

/**
 * A plan that leaves a quarter of the machine's power and torque in reserve, as far as
 * that can be had: less depth where the plan chose it, then a finer feed down to the
 * least that cuts, then a slower speed step, then less depth once more. A plan that leaves
 * the reserve comes back as it is; of those that do not, the one that takes least.
 */
export function withinPower(setup: CutSetup, plan: CutPlan, at: PlanAt): CutPlan {
  const { depthIsChosen, easesDepth } = operationOf(setup);
  // A depth that was typed is a choice: the findings say what it asks of the machine.
  if (depthIsChosen && setup.depthMm !== null) return plan;
  if (stepPower(setup, plan.speed.rungRpm) === null) return plan;
  const first = weigh(setup, plan);
  if (leavesReserve(first.share)) return plan;
  const shallower = easesDepth ? lessDepth(setup, first, at) : first;
  if (leavesReserve(shallower.share)) return shallower.plan;
  const finer = lessFeed(setup, shallower, at);
  if (leavesReserve(finer.share) || !easesDepth) return finer.plan;
  // A finer feed still cuts at a depth at which the one before it rubbed.
  const { speed, feed } = finer.plan;
  const kept = { rpm: speed.rungRpm, feedMmRev: feed.mmRev };
  const shallow = lessDepth(setup, finer, (depth) => at(depth, kept));
  return (shallow.share < finer.share ? shallow : finer).plan;
}

function weigh(setup: CutSetup, plan: CutPlan): Weighed {
  const { share, torqueNm }: PowerShare = powerShare(setup, plan);
  return { plan, share: share ?? 0, torqueNm };
}

/** Less depth may lift a factor and so the speed: looked at again, a few times at most. */
function lessDepth(setup: CutSetup, first: Weighed, at: PlanAt): Weighed {
  let eased = first;
  const dial = operationOf(setup).depthDial(setup.machine);
  for (let i = 0; i < MOST_EASINGS && !leavesReserve(eased.share); i += 1) {
    const { depth } = eased.plan;
    const mm = toDialStep((depth.mm * POWER_RESERVE) / eased.share, dial, wholeSteps);
    if (mm <= leastDepthMm(setup, eased.plan) || mm >= depth.mm) break;
    eased = weigh(setup, at({ ...depth, startMm: mm, reason: 'machine-power' }));
  }
  return eased;
}

/** No less than the skin, nor than what the edge still cuts, mm. */
const leastDepthMm = ({ firstPassOnSkin, stock }: CutSetup, { feed }: CutPlan): number =>
  firstPassOnSkin ? stock.skinMm : (feed.turning?.depthFloorMm ?? 0);

/** A finer feed in this step, then in slower ones, until the reserve is left. */
function lessFeed(setup: CutSetup, first: Weighed, at: PlanAt): Weighed {
  let best = finerFeed(setup, first, at, null);
  for (const rpm of stepsDown(setup, best)) {
    if (leavesReserve(best.share)) break;
    const atStep = weigh(setup, at(first.plan.depth, { rpm, feedMmRev: null }));
    const finer = finerFeed(setup, atStep, at, rpm);
    if (finer.share < best.share) best = finer;
  }
  return best;
}

/**
 * Slower steps that may drive a cut, fastest first: those whose torque comes near to
 * what it takes; only the slowest when none does. Carbide is not taken under its useful
 * speed, unless it runs under it already.
 */
function stepsDown(setup: CutSetup, { plan, torqueNm }: Weighed): number[] {
  if (setup.rpmByHand !== null) return [];
  const { speed, edge, diameterMm } = plan;
  const least = speed.range.leastUsefulMPerMin;
  const isUseful = (rpm: number): boolean =>
    edge.family !== 'carbide' || speed.actualMPerMin < least || surfaceSpeed(rpm, diameterMm) >= least;
  const slower = setup.machine.speeds
    .map(({ rpm }) => rpm)
    .filter((rpm) => rpm < speed.rungRpm && isUseful(rpm))
    .reverse();
  const drives = slower.filter(
    (rpm) => (stepPower(setup, rpm)?.torqueNm ?? 0) * POWER_RESERVE * ESTIMATE_SLACK >= torqueNm,
  );
  return drives.length > 0 ? drives : slower.slice(-1);
}

/** The feed that leaves the reserve, no finer than what cuts: force goes with feed^(1 - mc). */
function finerFeed(setup: CutSetup, weighed: Weighed, at: PlanAt, rpm: number | null): Weighed {
  const { plan, share } = weighed;
  const { mmRev, lowMmRev, setting } = plan.feed;
  if (leavesReserve(share) || setup.feedByHand !== null || setting.how === 'screw') return weighed;
  const eased = mmRev * (POWER_RESERVE / share) ** (1 / (1 - plan.metal.mc));
  const feedMmRev = Math.max(eased, lowMmRev);
  return feedMmRev < mmRev ? weigh(setup, at(plan.depth, { rpm, feedMmRev })) : weighed;
}

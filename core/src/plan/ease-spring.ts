import type { CutPlan } from '../operation/cut-plan';
import { toDialStep, wholeSteps } from '../operation/depth-step';
import { isMill } from '../machine/machine';
import { operationOf, type CutSetup } from '../operation/registry';
import type { PlanAt } from './plan-at';
import { springForecast } from './spring-forecast';

/** Give way of an end mill that is let pass, mm on the wall. */
const CUTTER_MOST_MM = { roughing: 0.05, finishing: 0.02 } as const;
/** Give way of work and bars that is let pass when roughing, mm on the diameter. */
const WORK_MOST_MM = 0.1;
/** A width is narrowed to this share at most, and only where the cutter bends less for it. */
const NARROWED = 0.5;
const WORTH_NARROWING = 0.98;
const SLACK = 1.001;
/** A depth is eased so many times, then left as it is. */
const MOST_EASINGS = 3;

/** How far what springs may give way in this cut, mm on the diameter or the wall. */
export function mostSpringMm(setup: CutSetup, { speed }: CutPlan): number {
  if (operationOf(setup).standsOut !== 'cutter') return WORK_MOST_MM;
  const isFinishing = speed.factors.applied.some(({ name }) => name === 'light-finishing');
  return isFinishing ? CUTTER_MOST_MM.finishing : CUTTER_MOST_MM.roughing;
}

/** How far the cutter bends, mm; 0 where that is not told. */
function bendMm(setup: CutSetup, plan: CutPlan): number {
  const load = operationOf(setup).edgeLoad(setup, plan);
  return (load && springForecast(setup, plan, load)?.errorMm) ?? 0;
}

/**
 * A plan whose cutter hardly bends: first half the width where that helps, then less
 * depth, as far as the plan chose them.
 */
export function withinSpring(setup: CutSetup, plan: CutPlan, at: PlanAt): CutPlan {
  if (!operationOf(setup).easesToSpring) return plan;
  const first = { plan, bent: bendMm(setup, plan) };
  if (first.bent <= mostSpringMm(setup, plan) * SLACK) return plan;
  const narrow = narrower(setup, first, at);
  return setup.depthMm === null ? shallower(setup, narrow, at) : narrow.plan;
}

/** A plan with how far its cutter bends, mm. */
interface Bent {
  readonly plan: CutPlan;
  readonly bent: number;
}

function narrower(setup: CutSetup, first: Bent, at: PlanAt): Bent {
  const { depth } = first.plan;
  const { widthIsChosen, skinByWidth } = operationOf(setup);
  const needsWidth = setup.firstPassOnSkin && skinByWidth;
  if (!widthIsChosen || setup.widthMm !== null || depth.widthMm === null || needsWidth) return first;
  const dial = isMill(setup.machine) ? setup.machine.tableWheel : null;
  const half = toDialStep(depth.widthMm * NARROWED, dial, wholeSteps);
  const plan = at({ ...depth, widthMm: half, reason: 'cutter-spring' });
  const narrow = { plan, bent: bendMm(setup, plan) };
  return narrow.bent < WORTH_NARROWING * first.bent ? narrow : first;
}

/** The force goes with the depth, so one step does; only where less depth lifts a factor it is looked at again. */
function shallower(setup: CutSetup, first: Bent, at: PlanAt): CutPlan {
  const dial = operationOf(setup).depthDial(setup.machine);
  let { plan, bent } = first;
  for (let i = 0; i < MOST_EASINGS; i += 1) {
    const most = mostSpringMm(setup, plan);
    if (bent <= most * SLACK) break;
    const startMm = toDialStep((plan.depth.mm * most) / bent, dial, wholeSteps);
    if (startMm >= plan.depth.mm) break;
    const eased = at({ ...plan.depth, startMm, reason: 'cutter-spring' });
    const isSameChip = eased.feed.mmRev === plan.feed.mmRev && eased.speed.rungRpm === plan.speed.rungRpm;
    const isSameLength = plan.depth.mm <= setup.stickOutMm;
    bent = isSameChip && isSameLength ? (bent * startMm) / plan.depth.mm : bendMm(setup, eased);
    plan = eased;
  }
  return plan;
}

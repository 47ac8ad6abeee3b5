import type { CutPlan, DepthStart } from '../operation/cut-plan';
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
 * depth, as far as the plan chose them. The force goes with the depth.
 */
export function withinSpring(setup: CutSetup, plan: CutPlan, at: PlanAt): CutPlan {
  if (!operationOf(setup).easesToSpring) return plan;
  const bent = bendMm(setup, plan);
  if (bent <= mostSpringMm(setup, plan) * SLACK) return plan;
  const narrow = narrower(setup, plan, bent, at);
  return setup.depthMm === null ? shallower(setup, narrow, at) : narrow;
}

function narrower(setup: CutSetup, plan: CutPlan, bent: number, at: PlanAt): CutPlan {
  const { widthMm } = plan.depth;
  const { widthIsChosen, skinByWidth } = operationOf(setup);
  const needsWidth = setup.firstPassOnSkin && skinByWidth;
  if (!widthIsChosen || setup.widthMm !== null || widthMm === null || needsWidth) return plan;
  const dial = isMill(setup.machine) ? setup.machine.tableWheel : null;
  const half = toDialStep(widthMm * NARROWED, dial, wholeSteps);
  const narrow = at({ ...plan.depth, widthMm: half, reason: 'cutter-spring' });
  return bendMm(setup, narrow) < WORTH_NARROWING * bent ? narrow : plan;
}

function shallower(setup: CutSetup, plan: CutPlan, at: PlanAt): CutPlan {
  const dial = operationOf(setup).depthDial(setup.machine);
  let eased = plan;
  for (let i = 0; i < MOST_EASINGS; i += 1) {
    const [bent, most] = [bendMm(setup, eased), mostSpringMm(setup, eased)];
    if (bent <= most * SLACK) break;
    const startMm = toDialStep((eased.depth.mm * most) / bent, dial, wholeSteps);
    if (startMm >= eased.depth.mm) break;
    const from: DepthStart = { ...eased.depth, startMm, reason: 'cutter-spring' };
    eased = at(from);
  }
  return eased;
}

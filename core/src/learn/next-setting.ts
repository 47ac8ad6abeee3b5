import { leavesReserve, powerShare } from '../plan/power-share';
import { planWith } from '../plan/sweep';
import { usableFeeds } from '../plan/feed-plan';
import { toDialStep } from '../operation/depth-step';
import type { CutPlan } from '../operation/cut-plan';
import { operationOf, type CutSetup } from '../operation/registry';

/** Values as they were set at the machine. */
export interface Setting {
  readonly rpm: number;
  readonly feedMmRev: number;
  readonly depthMm: number;
}

/** Speed, feed and depth as a plan has them. */
export const settingOf = ({ speed, feed, depth }: CutPlan): Setting => ({
  rpm: speed.rungRpm,
  feedMmRev: feed.mmRev,
  depthMm: depth.mm,
});
/** A plan with other values in place of its own. */
export const planAt = (plan: CutPlan, { rpm, feedMmRev, depthMm }: Setting): CutPlan =>
  planWith(plan, { rpm, mmRev: feedMmRev, depthMm });

/** Parameters that are set at the machine. */
export const SET_PARAMETERS = ['speed', 'feed', 'depth'] as const;
export type SetParameter = (typeof SET_PARAMETERS)[number];
export const isSet = (parameter: string): parameter is SetParameter =>
  SET_PARAMETERS.some((one) => one === parameter);

/** Why a change cannot be made on this machine. */
export type Blocked =
  /** It has no further step. */
  | 'no-step'
  /** The chuck, the carriage or the ram must not go faster. */
  | 'cap'
  /** The nose or the tooth takes no heavier feed. */
  | 'edge'
  /** The power of the speed step ends. */
  | 'power'
  /** The work gives it: a pitch, a form, a hole. */
  | 'given';

/** A change that the machine can be set to. */
export interface SetChange {
  readonly can: true;
  readonly parameter: SetParameter;
  readonly setting: Setting;
  readonly from: number;
  readonly to: number;
  /** Name of the machine's step: a belt, a lever, a ratchet; null where the value is wound. */
  readonly step: string | null;
  /** The step goes as far as was asked. */
  readonly isWhole: boolean;
}
export type NextSetting =
  SetChange | { readonly can: false; readonly parameter: SetParameter; readonly why: Blocked };

const SLACK = 1 + 1e-9;
/** A step this near to the value is the value: a measured speed and its step are one. */
const SAME = 1.005;

interface Step {
  readonly value: number;
  readonly setting: string;
}

/** The smallest step at or beyond a multiple of a value, else the furthest in that direction; null when there is none. */
function stepBeyond(steps: readonly Step[], from: number, factor: number): Step | null {
  const wanted = from * factor;
  if (factor > 1) {
    const up = steps.filter(({ value }) => value > from * SAME);
    return up.find(({ value }) => value >= wanted / SLACK) ?? up.at(-1) ?? null;
  }
  const down = steps.filter(({ value }) => value < from / SAME);
  return down.findLast(({ value }) => value <= wanted * SLACK) ?? down[0] ?? null;
}

/**
 * A change of speed, feed or depth in the machine's own steps: the smallest step at or
 * beyond the factor, the furthest there is where none reaches it, refused where a limit
 * of the machine or the edge comes before it.
 *
 * @param at      values as they were set
 * @param factor  times the value as it was; not 1
 */
export function nextSetting(
  setup: CutSetup,
  plan: CutPlan,
  at: Setting,
  parameter: SetParameter,
  factor: number,
): NextSetting {
  const found = { speed: nextSpeed, feed: nextFeed, depth: nextDepth }[parameter](setup, plan, at, factor);
  if (!found.can || factor < 1) return found;
  const { share } = powerShare(setup, planAt(plan, found.setting));
  return share !== null && !leavesReserve(share) ? { can: false, parameter, why: 'power' } : found;
}

type Next = (setup: CutSetup, plan: CutPlan, at: Setting, factor: number) => NextSetting;

const nextSpeed: Next = ({ machine }, { speed: { cap } }, at, factor) => {
  const steps = machine.speeds.map(({ rpm, setting }) => ({ value: rpm, setting }));
  const step = stepBeyond(steps, at.rpm, factor);
  if (!step) return { can: false, parameter: 'speed', why: 'no-step' };
  if (factor > 1 && cap.name !== 'chart' && step.value > cap.rpm * SLACK)
    return { can: false, parameter: 'speed', why: cap.name === 'power' ? 'power' : 'cap' };
  return stepped('speed', { ...at, rpm: step.value }, at.rpm, step.value, step.setting, factor);
};

const nextFeed: Next = (setup, { feed }, at, factor) => {
  const { how } = feed.setting;
  if (how === 'screw' || how === 'strokes') return { can: false, parameter: 'feed', why: 'given' };
  const perMinute = feed.setting.how === 'lever' && feed.setting.per === 'min';
  const toRev = perMinute ? 1 / at.rpm : 1;
  const levers = usableFeeds(setup).map(({ value, setting }) => ({ value: value * toRev, setting }));
  const step =
    how === 'lever'
      ? stepBeyond(levers, at.feedMmRev, factor)
      : { value: at.feedMmRev * factor, setting: null };
  if (!step) return { can: false, parameter: 'feed', why: 'no-step' };
  if (factor > 1 && step.value > feed.highMmRev * SLACK)
    return { can: false, parameter: 'feed', why: 'edge' };
  return stepped('feed', { ...at, feedMmRev: step.value }, at.feedMmRev, step.value, step.setting, factor);
};

const nextDepth: Next = (setup, _plan, at, factor) => {
  const operation = operationOf(setup);
  if (!operation.depthIsChosen) return { can: false, parameter: 'depth', why: 'given' };
  const to = toDialStep(
    at.depthMm * factor,
    operation.depthDial(setup.machine),
    factor > 1 ? Math.ceil : Math.floor,
  );
  if (to === at.depthMm) return { can: false, parameter: 'depth', why: 'no-step' };
  if (operation.turns === 'work' && 2 * to >= setup.workDiameterMm)
    return { can: false, parameter: 'depth', why: 'given' };
  return stepped('depth', { ...at, depthMm: to }, at.depthMm, to, null, factor);
};

function stepped(
  parameter: SetParameter,
  setting: Setting,
  from: number,
  to: number,
  step: string | null,
  factor: number,
): NextSetting {
  const isWhole = factor > 1 ? to >= (from * factor) / SLACK : to <= from * factor * SLACK;
  return { can: true, parameter, setting, from, to, step, isWhole };
}

import { HAND_CAN_FOLLOW_S } from '../machine/hand-feed';
import { HARDENING_FLOOR, workHardens } from '../material/work-hardening';
import type { CutPlan } from '../operation/cut-plan';
import { toDialStep } from '../operation/depth-step';
import type { Finding, FindingCode } from '../operation/finding';
import { operationOf, type CutSetup } from '../operation/registry';
import { usableFeeds } from '../plan/feed-plan';
import { findings } from '../plan/findings';
import { leavesReserve, powerShare } from '../plan/power-share';
import type { ShopRules } from '../plan/rules';
import { setCut, type SetCut, type Setting } from './setting';

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
  /** The chart of metal and edge ends before it. */
  | 'chart'
  /** The nose or the tooth takes no heavier feed. */
  | 'edge'
  /** A hand winds no faster. */
  | 'hand'
  /** The power of the speed step ends. */
  | 'power'
  /** Work, bar or cutter would give way too far. */
  | 'springs'
  /** The edges of the cutter are no longer than that. */
  | 'length'
  /** The chip would be thinner than the edge cuts, or than a metal that hardens lets pass. */
  | 'rubs'
  /** The work gives it: a pitch, a form, a hole. */
  | 'given'
  /** The cut would be a danger for another reason, which the set-up has already. */
  | 'danger';

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
  /** Cautions that the cut has at this setting and did not have before. */
  readonly cautions: readonly Finding[];
}
export interface NoChange {
  readonly can: false;
  readonly parameter: SetParameter;
  readonly why: Blocked;
}
export type NextSetting = SetChange | NoChange;

const SLACK = 1 + 1e-9;
/** A step this near to the value is the value: a measured speed and its step are one. */
const SAME = 1.005;
/** A value without steps that is refused is tried again this much nearer to the one that is set, so many times; less also so many times further. */
const NEARER = 0.5;
const TRIES = 3;
const FURTHER = 8;

/** A value that a parameter can be set to; a name where the machine has one for it. */
interface Step {
  readonly value: number;
  readonly setting: string | null;
}

/**
 * Steps that serve a change, in the order in which they are looked at: the smallest at or
 * beyond the factor, then those before it, the furthest first; downward also those beyond it,
 * because a value that must come down may have to come down further.
 */
function stepsToward(steps: readonly Step[], from: number, factor: number): Step[] {
  const wanted = from * factor;
  if (factor > 1) {
    const up = steps.filter(({ value }) => value > from * SAME);
    const first = up.findIndex(({ value }) => value >= wanted / SLACK);
    return up.slice(0, first < 0 ? up.length : first + 1).reverse();
  }
  const down = steps.filter(({ value }) => value < from / SAME).reverse();
  const first = down.findIndex(({ value }) => value <= wanted * SLACK);
  if (first < 0) return down.reverse();
  return [...down.slice(first), ...down.slice(0, first).reverse()];
}

/** Values for what has no steps: the wanted one, downward those beyond it, and those between it and the one that is set. */
function valuesToward(from: number, factor: number): number[] {
  const nearer = Array.from({ length: TRIES }, (_, i) => from * (1 + (factor - 1) * NEARER ** i));
  const further = Array.from({ length: factor < 1 ? FURTHER : 0 }, (_, i) => from * factor ** (i + 1));
  return [...further, ...nearer];
}

/** What is looked at for a change of one parameter. */
interface Change {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly at: Setting;
  readonly factor: number;
}

/** Values of a parameter that the machine can be set to for a change; why there are none, where the work gives it. */
const CANDIDATES: Readonly<Record<SetParameter, (change: Change) => readonly Step[] | 'given'>> = {
  speed: ({ setup, at, factor }) =>
    stepsToward(
      setup.machine.speeds.map(({ rpm, setting }) => ({ value: rpm, setting })),
      at.rpm,
      factor,
    ),
  feed: ({ setup, plan, at, factor }) => {
    const { setting } = plan.feed;
    if (setting.how === 'screw' || setting.how === 'strokes') return 'given';
    if (setting.how === 'hand')
      return valuesToward(at.feedMmRev, factor).map((value) => ({ value, setting: null }));
    const toRev = setting.per === 'min' ? 1 / at.rpm : 1;
    const levers = usableFeeds(setup).map((step) => ({ ...step, value: step.value * toRev }));
    return stepsToward(levers, at.feedMmRev, factor);
  },
  depth: ({ setup, at, factor }) => {
    const operation = operationOf(setup);
    if (!operation.depthIsChosen) return 'given';
    const dial = operation.depthDial(setup.machine);
    const onDial = valuesToward(at.depthMm, factor).map((mm) =>
      toDialStep(mm, dial, factor > 1 ? Math.ceil : Math.floor),
    );
    return [...new Set(onDial)]
      .filter((mm) => (factor > 1 ? mm > at.depthMm * SLACK : mm < at.depthMm / SLACK))
      .map((value) => ({ value, setting: null }));
  },
};

const settingWith = (at: Setting, parameter: SetParameter, value: number): Setting => ({
  rpm: parameter === 'speed' ? value : at.rpm,
  feedMmRev: parameter === 'feed' ? value : at.feedMmRev,
  depthMm: parameter === 'depth' ? value : at.depthMm,
});

/**
 * A change of speed, feed or depth in the machine's own steps: the smallest step at or
 * beyond the factor, else the furthest there is. Each is planned as the page of the cut
 * plans it: one that is a danger there, or does not fit, is never proposed; nor is more of
 * anything beyond a cap of the machine, the power, what the edge takes or what springs. What
 * is a new caution is told with the change.
 *
 * @param at      values as they were set
 * @param factor  times the value as it was; not 1
 */
export function nextSetting(
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  at: Setting,
  parameter: SetParameter,
  factor: number,
): NextSetting {
  const steps = CANDIDATES[parameter]({ setup, plan, at, factor });
  if (steps === 'given') return { can: false, parameter, why: 'given' };
  const before = setCut(setup, rules, at);
  const had = new Set((before ? findings(before.setup, before.plan) : []).map(({ code }) => code));
  let refused: Blocked | null = null;
  for (const { value, setting: step } of steps) {
    const setting = settingWith(at, parameter, value);
    const cut = setCut(setup, rules, setting);
    const found = cut ? findings(cut.setup, cut.plan) : [];
    const why = cut ? refusal(cut, found, had, parameter, factor) : 'given';
    if (why !== null) {
      refused ??= why;
      continue;
    }
    const from = { speed: at.rpm, feed: at.feedMmRev, depth: at.depthMm }[parameter];
    const isWhole = factor > 1 ? value >= (from * factor) / SLACK : value <= from * factor * SLACK;
    const cautions = found.filter(({ level, code }) => level === 'caution' && !had.has(code));
    return { can: true, parameter, setting, from, to: value, step, isWhole, cautions };
  }
  return { can: false, parameter, why: refused ?? 'no-step' };
}

/** Why a setting is not proposed; null when it can be. */
function refusal(
  cut: SetCut,
  found: readonly Finding[],
  had: ReadonlySet<FindingCode>,
  parameter: SetParameter,
  factor: number,
): Blocked | null {
  const danger = found.find(({ level }) => level === 'danger');
  if (danger) return BY_DANGER[danger.code] ?? 'danger';
  if (factor < 1) return tooThin(cut, found, had, parameter);
  const { speed, feed } = cut.plan;
  if (parameter === 'speed' && speed.caps.some(({ rpm }) => speed.rungRpm > rpm * SLACK)) return 'cap';
  if (parameter === 'feed' && feed.mmRev > feed.highMmRev * SLACK) return 'edge';
  if (parameter !== 'depth' && windsTooFast(cut)) return 'hand';
  const { share } = powerShare(cut.setup, cut.plan);
  if (share !== null && !leavesReserve(share)) return 'power';
  return found.some(({ code }) => code === 'springs') ? 'springs' : null;
}

/** What a danger of a cut means for a change that leads to it. */
const BY_DANGER: Readonly<Partial<Record<FindingCode, Blocked>>> = {
  'chuck-rpm': 'cap',
  'thread-fast': 'cap',
  'too-fast': 'chart',
  power: 'power',
  'flute-length': 'length',
  slender: 'springs',
};

/** Less feed or depth in a metal that hardens must not begin to rub, nor go under what its hard layer asks. */
function tooThin(
  { setup, plan: { metal, feed, depth } }: SetCut,
  found: readonly Finding[],
  had: ReadonlySet<FindingCode>,
  parameter: SetParameter,
): Blocked | null {
  if (parameter === 'speed' || !workHardens(metal)) return null;
  if (found.some(({ code }) => RUBBING.includes(code) && !had.has(code))) return 'rubs';
  if (operationOf(setup).surface !== 'nose') return null;
  const isUnder =
    parameter === 'feed' ? feed.mmRev < HARDENING_FLOOR.feedMmRev : depth.mm < HARDENING_FLOOR.depthMm;
  return isUnder ? 'rubs' : null;
}
const RUBBING: readonly FindingCode[] = ['rubbing', 'depth-rubs', 'no-feed-window'];

/** The wheel would have to be wound faster than a hand follows. */
function windsTooFast({ plan: { feed } }: SetCut): boolean {
  const { setting } = feed;
  if (setting.how !== 'hand') return false;
  return feed.mmMin > ((60 * setting.travelPerTurnMm) / HAND_CAN_FOLLOW_S.fastest) * SLACK;
}

import type { CutPlan } from '../operation/cut-plan';
import { toDialStep } from '../operation/depth-step';
import type { Finding } from '../operation/finding';
import { operationOf, type CutSetup } from '../operation/registry';
import { usableFeeds } from '../plan/feed-plan';
import { findings } from '../plan/findings';
import type { ShopRules } from '../plan/rules';
import { planOfSetting, type SetParameter, type Setting } from './setting';
import { settingRefusal, type Blocked } from './setting-refusal';

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
/** Where a value has no steps: the wanted change, half of it, and a quarter of it. */
const SHARES = [1, 0.5, 0.25] as const;
/** Where less is wanted of a value without steps, the factor is applied up to this often. */
const MOST_TIMES_LESS = 8;

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

/** Values without steps that serve a change, in the order in which they are looked at; see `stepsToward`. */
function valuesToward(from: number, factor: number): number[] {
  const nearer = SHARES.map((share) => from * (1 + (factor - 1) * share));
  if (factor > 1) return nearer;
  return [...Array.from({ length: MOST_TIMES_LESS }, (_, i) => from * factor ** (i + 1)), ...nearer];
}

/** A change that is asked for: the cut, its values as they were set, and times the value of one of them. */
interface Asked {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly at: Setting;
  readonly factor: number;
}

/** Values that the machine can be set to for a change of a parameter; 'given' where the work gives the value. */
const CANDIDATES: Readonly<Record<SetParameter, (asked: Asked) => readonly Step[] | 'given'>> = {
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

/** A feed that goes by the minute, not by the turn: levers of a mill, strokes of a file. */
const isFedByMinute = ({ feed: { setting } }: CutPlan): boolean =>
  setting.how === 'strokes' || (setting.how === 'lever' && setting.per === 'min');

/** A setting with one value changed; another spindle speed leaves a feed by the minute as it is, which is another feed by the turn. */
function settingWith(plan: CutPlan, at: Setting, parameter: SetParameter, value: number): Setting {
  if (parameter === 'depth') return { ...at, depthMm: value };
  if (parameter === 'feed') return { ...at, feedMmRev: value };
  const feedMmRev = isFedByMinute(plan) ? (at.feedMmRev * at.rpm) / value : at.feedMmRev;
  return { ...at, rpm: value, feedMmRev };
}

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
  const before = planOfSetting(setup, rules, at);
  const known = new Set((before ? findings(before.setup, before.plan) : []).map(({ code }) => code));
  let refused: Blocked | null = null;
  for (const { value, setting: step } of steps) {
    const setting = settingWith(plan, at, parameter, value);
    const planned = planOfSetting(setup, rules, setting);
    const found = planned ? findings(planned.setup, planned.plan) : [];
    const fresh = found.filter(({ code }) => !known.has(code));
    const why = planned
      ? settingRefusal(planned, { found, fresh }, parameter, factor > 1 ? 'more' : 'less')
      : 'given';
    if (why !== null) {
      refused ??= why;
      continue;
    }
    const from = { speed: at.rpm, feed: at.feedMmRev, depth: at.depthMm }[parameter];
    const isWhole = factor > 1 ? value >= (from * factor) / SLACK : value <= from * factor * SLACK;
    const cautions = fresh.filter(({ level }) => level === 'caution');
    return { can: true, parameter, setting, from, to: value, step, isWhole, cautions };
  }
  return { can: false, parameter, why: refused ?? 'no-step' };
}

import { metalFamily } from '../material/metal-family';
import type { CutPlan } from '../operation/cut-plan';
import type { Finding } from '../operation/finding';
import type { CutSetup } from '../operation/registry';
import { findings } from '../plan/findings';
import type { ShopRules } from '../plan/rules';
import { bestOf, INSTEAD, isUntold, meets, PUSH, troubles, type Goal, type Trial } from './goal';
import { nextSetting, type SetChange } from './next-setting';
import { isSet, planOfSetting, type SetParameter, type Setting } from './setting';
import type { Blocked } from './setting-refusal';
import { signTool, type Direction, type Parameter } from './sign';
import { signAdvice, type Option, type SignAdvice } from './sign-advice';
import { exclusions, type SignKey } from './sign-rows';

/** A change that is wanted: by the signs, by the goal, or because the cut is a danger as it was set. */
interface Wanted extends Pick<Option, 'parameter' | 'direction' | 'factor' | 'because'> {
  /** The danger that it ends; absent where there is none. */
  readonly ends?: Finding;
}

/** A change with what it means on this machine; a change that is not set there has no setting. */
export interface NextChange extends Wanted {
  readonly setting: SetChange | null;
}

/** A change that the signs ask for and this machine does not have. */
export interface BlockedChange {
  readonly parameter: SetParameter;
  readonly direction: Direction;
  readonly why: Blocked;
}

export interface RunState {
  /**
   * `begin`: no trial yet; `contradiction`: signs that one cut cannot show together; `stop`:
   * something dangerous was seen; `go-on`: change one thing and cut again; `met`: the goal
   * is met; `stuck`: nothing more can be changed on this machine; `look`: nothing was seen
   * that tells of the goal.
   */
  readonly is: 'begin' | 'contradiction' | 'stop' | 'go-on' | 'met' | 'stuck' | 'look';
  readonly advice: SignAdvice | null;
  readonly next: NextChange | null;
  /** What would be tried after it, the strongest first. */
  readonly after: readonly NextChange[];
  /** Changed twice without effect. */
  readonly spent: readonly Parameter[];
  readonly blocked: readonly BlockedChange[];
  /** Place of the trial that serves the goal best; null where none does. */
  readonly best: number | null;
  /** Other things that the goal can be reached by, where nothing more can be set. */
  readonly instead: readonly Parameter[];
}

/** Changes of one parameter without effect after which the next parameter is taken. */
const WITHOUT_EFFECT = 2;

/** Parameters changed twice without effect on the sign that leads now. */
function spentOn(trials: readonly Trial[], leading: SignKey | null): Parameter[] {
  const counts = new Map<Parameter, number>();
  for (let i = trials.length - 1; i > 0; i -= 1) {
    const { changed, better, signs } = trials[i]!;
    const wasThere = leading !== null && signs.includes(leading) && trials[i - 1]!.signs.includes(leading);
    if (!wasThere) break;
    // What is not set at the machine is done once: a breaker that was ground is there.
    if (changed && !isSet(changed)) counts.set(changed, WITHOUT_EFFECT);
    if (better) break;
    if (changed) counts.set(changed, (counts.get(changed) ?? 0) + 1);
  }
  return [...counts].filter(([, count]) => count >= WITHOUT_EFFECT).map(([parameter]) => parameter);
}

/**
 * Where a run of trials stands: whether its goal is met, the one next change in the
 * machine's own steps, or what cannot be met here and what else could be changed.
 *
 * @param goal    null for a cut by itself: what was seen alone decides
 * @param wanted  for the goals `finish` (Ra, um) and `load` (net power, W); null where nothing was asked
 */
export function runState(
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  goal: Goal | null,
  wanted: number | null,
  trials: readonly Trial[],
): RunState {
  const nothing = { advice: null, next: null, after: [], spent: [], blocked: [], best: null, instead: [] };
  const last = trials.at(-1);
  if (!last) return { ...nothing, is: 'begin' };
  const best = goal && bestOf(goal, trials, wanted);
  if (exclusions(last.signs).length > 0) return { ...nothing, is: 'contradiction', best };
  const [tool, metal] = [signTool(plan.edge), metalFamily(plan.metal)];
  const first = signAdvice(tool, metal, last.signs);
  if (first.action === 'stop') return { ...nothing, is: 'stop', advice: first, best };
  if (goal ? meets(goal, last, wanted) : first.action === 'keep')
    return { ...nothing, is: 'met', advice: first, best: trials.length - 1 };
  // A quicker cut that brought trouble: the quickest without is what can be had.
  if (goal === 'time' && best !== null && best < trials.length - 1 && troubles(last).length > 0)
    return { ...nothing, is: 'met', advice: first, best };

  const spent = spentOn(trials, first.next?.because[0]?.sign ?? null);
  const advice = signAdvice(tool, metal, last.signs, spent);
  if (advice.action !== 'change' && (goal === null || isUntold(goal, last, wanted)))
    return { ...nothing, is: 'look', advice, spent, best };
  const wantedChanges =
    advice.action === 'change' ? [advice.next!, ...advice.after] : goal ? pushes(goal, spent) : [];
  const { can, blocked } = onMachine(setup, plan, rules, last.setting, wantedChanges);
  const [next = null, ...after] = [...endDanger(setup, plan, rules, last.setting), ...can];
  const known = { advice, spent, blocked, best };
  if (next) return { ...known, is: 'go-on', next, after, instead: [] };
  const instead = goal ? INSTEAD[goal].filter((parameter) => !spent.includes(parameter)) : [];
  if (goal === 'time' && best !== null) return { ...known, is: 'met', next, after, instead };
  return { ...known, is: 'stuck', next, after, instead };
}

/** Changes that serve a goal while nothing is wrong. */
const pushes = (goal: Goal, spent: readonly Parameter[]): Wanted[] =>
  PUSH[goal]
    .filter(([parameter]) => !spent.includes(parameter))
    .map(([parameter, direction, factor]) => ({ parameter, direction, factor, because: [] }));

/** How far each value goes down at least where the cut is a danger as it was set, the likeliest cure first. */
const LESS: readonly (readonly [SetParameter, number])[] = [
  ['speed', 0.8],
  ['depth', 0.67],
  ['feed', 0.8],
];

/** The change that ends a danger of the cut as it was set; empty where there is none, or no step of the machine ends it. */
function endDanger(setup: CutSetup, plan: CutPlan, rules: ShopRules, at: Setting): NextChange[] {
  const planned = planOfSetting(setup, rules, at);
  const ends = planned && findings(planned.setup, planned.plan).find(({ level }) => level === 'danger');
  if (!ends) return [];
  for (const [parameter, factor] of LESS) {
    const setting = nextSetting(setup, plan, rules, at, parameter, factor);
    if (setting.can) return [{ parameter, direction: 'less', factor, because: [], setting, ends }];
  }
  return [];
}

/** Which of the wanted changes this machine can be set to, and which it cannot. */
function onMachine(
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  at: Setting,
  wanted: readonly Wanted[],
): { readonly can: NextChange[]; readonly blocked: BlockedChange[] } {
  const can: NextChange[] = [];
  const blocked: BlockedChange[] = [];
  for (const { parameter, direction, factor, because } of wanted) {
    if (!isSet(parameter) || factor === null) {
      can.push({ parameter, direction, factor, because, setting: null });
      continue;
    }
    const setting = nextSetting(setup, plan, rules, at, parameter, factor);
    if (setting.can) can.push({ parameter, direction, factor, because, setting });
    else blocked.push({ parameter, direction, why: setting.why });
  }
  return { can, blocked };
}

import type { CutPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';
import {
  isSet,
  nextSetting,
  type Blocked,
  type NextSetting,
  type SetParameter,
  type Setting,
} from './next-setting';
import { signMetal, signTool, type Direction, type Parameter } from './sign';
import { signAdvice, type Option, type SignAdvice } from './sign-advice';
import { exclusions, SIGNS, type SignKey } from './sign-rows';

/** What a run of trials is after. */
export const GOALS = ['chip', 'finish', 'time', 'load', 'edge'] as const;
export type Goal = (typeof GOALS)[number];

export type Outcome = 'worked' | 'so-so' | 'did-not-work';

/** One trial of a run: what was set, what was changed before it, and what was seen. */
export interface Trial {
  readonly setting: Setting;
  readonly signs: readonly SignKey[];
  readonly outcome: Outcome;
  /** The one thing that was changed before this trial; null for the first. */
  readonly changed: Parameter | null;
  /** Better than the trial before, though the sign is still there: the change had an effect. */
  readonly better: boolean;
  /** Measured, um and W; null when they were not. */
  readonly raUm: number | null;
  readonly netPowerW: number | null;
}

/** A change with what it means on this machine; a change that is not set there has no setting. */
export interface NextChange extends Pick<Option, 'parameter' | 'direction' | 'factor' | 'because'> {
  readonly setting: Extract<NextSetting, { can: true }> | null;
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
   * something dangerous was seen; `met`: the goal is met; `stuck`: nothing more can be
   * changed on this machine; `look`: nothing was seen that tells of the goal.
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

type Push = readonly [parameter: SetParameter, direction: 'more' | 'less', factor: number];
/** What is tried for a goal that is not met while nothing is wrong, in this order. */
const PUSH: Readonly<Record<Goal, readonly Push[]>> = {
  chip: [],
  finish: [['feed', 'less', 0.8]],
  time: [
    ['feed', 'more', 1.25],
    ['depth', 'more', 1.5],
    ['speed', 'more', 1.25],
  ],
  load: [
    ['depth', 'less', 0.67],
    ['feed', 'less', 0.8],
  ],
  edge: [['speed', 'less', 0.8]],
};
const INSTEAD: Readonly<Record<Goal, readonly Parameter[]>> = {
  chip: ['breaker', 'nose-radius', 'rake', 'fluid'],
  finish: ['edge', 'nose-radius', 'fluid', 'overhang'],
  time: ['workholding', 'overhang', 'fluid', 'tool-material'],
  load: ['edge', 'rake', 'nose-radius', 'lead-angle'],
  edge: ['fluid', 'tool-material', 'lead-angle', 'workholding'],
};

/** Metal taken off, in a unit that is the same for all trials of a run. */
const removal = ({ setting: { rpm, feedMmRev, depthMm } }: Trial): number => rpm * feedMmRev * depthMm;

/** Signs of trouble: all but those that say to keep the setting, and that it could be quicker. */
const troubles = ({ signs }: Trial): SignKey[] => signs.filter((key) => SIGNS[key].priority < 5);
const isClean = (trial: Trial): boolean => troubles(trial).length === 0 && trial.outcome === 'worked';

/** Whether a trial meets the goal by itself; the shortest time is met only when nothing more can be had. */
function meets(goal: Goal, trial: Trial, wanted: number | null): boolean {
  const free = (of: (key: SignKey) => boolean): boolean =>
    trial.outcome === 'worked' && !troubles(trial).some(of);
  switch (goal) {
    case 'chip':
      return trial.signs.includes('good-arcs') && free((key) => SIGNS[key].priority <= 3);
    case 'finish':
      return wanted !== null && trial.raUm !== null
        ? trial.raUm <= wanted
        : wanted === null && free((key) => SIGNS[key].group === 'surface' || SIGNS[key].priority <= 3);
    case 'load':
      return wanted !== null && trial.netPowerW !== null
        ? trial.netPowerW <= wanted
        : wanted === null && free((key) => SIGNS[key].group === 'load' || SIGNS[key].priority <= 3);
    case 'edge':
      return free((key) => SIGNS[key].group === 'edge' || SIGNS[key].priority <= 3);
    case 'time':
      return false;
  }
}

/** Whether nothing was seen or measured that tells of the goal. */
function isUntold(goal: Goal, { signs, raUm, netPowerW }: Trial, wanted: number | null): boolean {
  if (goal === 'chip') return !signs.some((key) => SIGNS[key].group === 'chip-shape');
  if (wanted === null) return false;
  return (goal === 'finish' && raUm === null) || (goal === 'load' && netPowerW === null);
}

/** Place of the trial that serves a goal best; null when none was clean enough to keep. */
function bestOf(goal: Goal, trials: readonly Trial[], wanted: number | null): number | null {
  const worth = (trial: Trial): number => {
    if (goal === 'time') return isClean(trial) ? removal(trial) : -Infinity;
    if (goal === 'finish' && trial.raUm !== null) return -trial.raUm;
    if (goal === 'load' && trial.netPowerW !== null) return -trial.netPowerW;
    return meets(goal, trial, wanted) ? removal(trial) : -Infinity;
  };
  const worths = trials.map(worth);
  const most = Math.max(...worths);
  return most === -Infinity ? null : worths.lastIndexOf(most);
}

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
  goal: Goal | null,
  wanted: number | null,
  trials: readonly Trial[],
): RunState {
  const nothing = { advice: null, next: null, after: [], spent: [], blocked: [], best: null, instead: [] };
  const last = trials.at(-1);
  if (!last) return { ...nothing, is: 'begin' };
  const best = goal && bestOf(goal, trials, wanted);
  if (exclusions(last.signs).length > 0) return { ...nothing, is: 'contradiction', best };
  const [tool, metal] = [signTool(plan.edge), signMetal(plan.metal)];
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
  const { can, blocked } = onMachine(setup, plan, last.setting, wantedChanges);
  const [next = null, ...after] = can;
  const known = { advice, spent, blocked, best };
  if (next) return { ...known, is: 'go-on', next, after, instead: [] };
  const instead = goal ? INSTEAD[goal].filter((parameter) => !spent.includes(parameter)) : [];
  if (goal === 'time' && best !== null) return { ...known, is: 'met', next, after, instead };
  return { ...known, is: 'stuck', next, after, instead };
}

/** Changes that serve a goal while nothing is wrong. */
const pushes = (
  goal: Goal,
  spent: readonly Parameter[],
): Pick<Option, 'parameter' | 'direction' | 'factor' | 'because'>[] =>
  PUSH[goal]
    .filter(([parameter]) => !spent.includes(parameter))
    .map(([parameter, direction, factor]) => ({ parameter, direction, factor, because: [] }));

/** Which of the wanted changes this machine can be set to, and which it cannot. */
function onMachine(
  setup: CutSetup,
  plan: CutPlan,
  at: Setting,
  wanted: readonly Pick<Option, 'parameter' | 'direction' | 'factor' | 'because'>[],
): { readonly can: NextChange[]; readonly blocked: BlockedChange[] } {
  const can: NextChange[] = [];
  const blocked: BlockedChange[] = [];
  for (const { parameter, direction, factor, because } of wanted) {
    if (!isSet(parameter) || factor === null) {
      can.push({ parameter, direction, factor, because, setting: null });
      continue;
    }
    const setting = nextSetting(setup, plan, at, parameter, factor);
    if (setting.can) can.push({ parameter, direction, factor, because, setting });
    else blocked.push({ parameter, direction, why: setting.why });
  }
  return { can, blocked };
}

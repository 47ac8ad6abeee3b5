import type { Outcome } from '../operation/how-it-went';
import type { SetParameter, Setting } from './setting';
import type { Parameter } from './sign';
import { SIGNS, type SignKey } from './sign-rows';

/** What a run of trials is after. */
export const GOALS = ['chip', 'finish', 'time', 'load', 'edge'] as const;
export type Goal = (typeof GOALS)[number];

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

type Push = readonly [parameter: SetParameter, direction: 'more' | 'less', factor: number];
/** What is tried for a goal that is not met while nothing is wrong, in this order. */
export const PUSH: Readonly<Record<Goal, readonly Push[]>> = {
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
/** What else a goal can be reached by, where nothing more can be set at the machine. */
export const INSTEAD: Readonly<Record<Goal, readonly Parameter[]>> = {
  chip: ['breaker', 'nose-radius', 'rake', 'fluid'],
  finish: ['edge', 'nose-radius', 'fluid', 'overhang'],
  time: ['workholding', 'overhang', 'fluid', 'tool-material'],
  load: ['edge', 'rake', 'nose-radius', 'lead-angle'],
  edge: ['fluid', 'tool-material', 'lead-angle', 'workholding'],
};

/** Metal taken off, in a unit that is the same for all trials of a run. */
const removal = ({ setting: { rpm, feedMmRev, depthMm } }: Trial): number => rpm * feedMmRev * depthMm;

/** Signs of trouble: all but those that say to keep the setting, and that it could be quicker. */
export const troubles = ({ signs }: Trial): SignKey[] => signs.filter((key) => SIGNS[key].priority < 5);
const isClean = (trial: Trial): boolean => troubles(trial).length === 0 && trial.outcome === 'worked';

/** Whether a trial meets the goal by itself; the shortest time is met only when nothing more can be had. */
export function meets(goal: Goal, trial: Trial, wanted: number | null): boolean {
  const freeOf = (isOfGoal: (key: SignKey) => boolean): boolean =>
    trial.outcome === 'worked' && !troubles(trial).some((key) => isOfGoal(key) || SIGNS[key].priority <= 3);
  switch (goal) {
    case 'chip':
      return trial.signs.includes('good-arcs') && freeOf(() => false);
    case 'finish':
      return wanted !== null && trial.raUm !== null
        ? trial.raUm <= wanted
        : wanted === null && freeOf((key) => SIGNS[key].group === 'surface');
    case 'load':
      return wanted !== null && trial.netPowerW !== null
        ? trial.netPowerW <= wanted
        : wanted === null && freeOf((key) => SIGNS[key].group === 'load');
    case 'edge':
      return freeOf((key) => SIGNS[key].group === 'edge');
    case 'time':
      return false;
  }
}

/** Whether nothing was seen or measured that tells of the goal. */
export function isUntold(goal: Goal, { signs, raUm, netPowerW }: Trial, wanted: number | null): boolean {
  if (goal === 'chip') return !signs.some((key) => SIGNS[key].group === 'chip-shape');
  if (wanted === null) return false;
  return (goal === 'finish' && raUm === null) || (goal === 'load' && netPowerW === null);
}

/** Place of the trial that serves a goal best; null when none was clean enough to keep. */
export function bestOf(goal: Goal, trials: readonly Trial[], wanted: number | null): number | null {
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

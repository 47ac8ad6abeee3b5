import { lastWhere } from '../quantity/bisection';
import { checkedChoice, type ChoiceInputs } from './choice-inputs';
import { CHOICE_FACTORS, FACTOR_FACTS, type ChoiceFactor } from './evidence';
import { HARDEST_FOR_HSS_HB, scoreOf, weigh, type ChoiceSchool } from './weigh';

/** What would turn the verdict of a job round. */
export interface Flips {
  /** Factors that could alone: first what can be changed at the machine, then facts of the job. */
  readonly factors: readonly ChoiceFactor[];
  /** Reachable speed at which the score is 0, m/min; null within a tenth to ten times of it. */
  readonly reachableMPerMin: number | null;
  /** Hardness at which the score is 0, HB, from 80 to 430. */
  readonly hardnessHb: number | null;
  /** Number of parts at which the score is 0, from 1 to 10,000. */
  readonly parts: number | null;
}

const NO_FLIPS: Flips = { factors: [], reachableMPerMin: null, hardnessHb: null, parts: null };
const SEARCH = { reachTimes: 10, softestHb: 80, mostParts: 10_000 } as const;

/**
 * What would flip the choice, one thing at a time with all else held.
 *
 * A factor flips it when the evidence that makes the score 0, e - S/weight, lies inside
 * what that factor can be. The three numbers are searched on the input itself, so a
 * faster machine also changes what the finish says. A job that excludes one of the
 * two has no flips.
 */
export function flips(inputs: ChoiceInputs, school: ChoiceSchool = 'neither'): Flips {
  const of = checkedChoice(inputs);
  const { score, contributions, excluded } = weigh(of, school);
  if (excluded !== null) return NO_FLIPS;
  const factors = CHOICE_FACTORS.filter((factor) => {
    const { weight, range } = FACTOR_FACTS[factor];
    const needed = (contributions[factor] - score) / weight;
    return needed >= range[0] && needed <= range[1];
  }).sort((a, b) => {
    const [x, y] = [FACTOR_FACTS[a], FACTOR_FACTS[b]];
    return Number(x.ofJob) - Number(y.ofJob) || y.weight - x.weight;
  });
  const scoreWith = (more: Partial<ChoiceInputs>): number => scoreOf({ ...of, ...more }, school);
  const { reachTimes, softestHb, mostParts } = SEARCH;
  return {
    factors,
    reachableMPerMin: whereZero(
      (reachableMPerMin) => scoreWith({ reachableMPerMin }),
      of.reachableMPerMin / reachTimes,
      of.reachableMPerMin * reachTimes,
    ),
    hardnessHb: whereZero((hardnessHb) => scoreWith({ hardnessHb }), softestHb, HARDEST_FOR_HSS_HB),
    parts: whereZero((parts) => scoreWith({ parts }), 1, mostParts),
  };
}

/** Where a score that only rises crosses 0, searched on the logarithm; null when it has one sign at both ends. */
function whereZero(score: (value: number) => number, low: number, high: number): number | null {
  if (score(low) > 0 || score(high) < 0) return null;
  return Math.exp(lastWhere((at) => score(Math.exp(at)) <= 0, Math.log(low), Math.log(high)));
}

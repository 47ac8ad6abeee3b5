import { checkedChoice, type ChoiceInputs } from './choice-inputs';
import { CHOICE_FACTORS, FACTOR_FACTS, type ChoiceFactor } from './evidence';

export type Verdict = 'hss' | 'carbide' | 'either';
export type Confidence = 'strong' | 'clear' | 'slight' | 'toss-up';
/** A shop's leaning: what it adds to the score. */
export type ChoiceSchool = 'neither' | 'hss-first' | 'inserts-first';

export interface Weighed {
  readonly score: number;
  readonly probabilityCarbide: number;
  readonly verdict: Verdict;
  readonly confidence: Confidence;
  /** What cannot do the job at all, whatever the score. */
  readonly excluded: 'hss' | 'carbide' | null;
  /** Weight times evidence of each factor; positive speaks for carbide. */
  readonly contributions: Readonly<Record<ChoiceFactor, number>>;
  /** The three that count most. */
  readonly topReasons: readonly ChoiceFactor[];
  /** What the shop's leaning added. */
  readonly leaning: number;
}

/** Above this hardness, about 45 HRC, high speed steel does not cut. */
export const HARDEST_FOR_HSS_HB = 430;
const EITHER_UP_TO = 0.5;
const LEANING: Readonly<Record<ChoiceSchool, number>> = {
  neither: 0,
  'hss-first': -0.7,
  'inserts-first': 0.7,
};
const CONFIDENT = [
  ['strong', 0.9],
  ['clear', 0.75],
  ['slight', 0.6],
] as const;

const exclusion = (of: ChoiceInputs): 'hss' | 'carbide' | null => {
  if (of.hardnessHb > HARDEST_FOR_HSS_HB) return 'hss';
  return of.specialForm && !of.carbideInDrawer ? 'carbide' : null;
};

/** Weight times evidence of each factor. */
const contributions = (of: ChoiceInputs): Record<ChoiceFactor, number> =>
  Object.fromEntries(
    CHOICE_FACTORS.map((factor) => {
      const { weight, evidence } = FACTOR_FACTS[factor];
      return [factor, weight * evidence(of)];
    }),
  ) as Record<ChoiceFactor, number>;

/** Sum of what all factors contribute. */
export const scoreOf = (of: ChoiceInputs, school: ChoiceSchool = 'neither'): number =>
  CHOICE_FACTORS.reduce(
    (sum, factor) => sum + FACTOR_FACTS[factor].weight * FACTOR_FACTS[factor].evidence(of),
    0,
  ) + LEANING[school];

function confidenceOf(probability: number): Confidence {
  const sure = Math.max(probability, 1 - probability);
  return CONFIDENT.find(([, least]) => sure >= least)?.[0] ?? 'toss-up';
}

/**
 * High speed steel or carbide for a job on a machine: every factor's weight times its
 * evidence, added up.
 *
 * ```
 * S = sum of weight x evidence (+ 0.7 for a shop that leans to inserts, - 0.7 to HSS)
 * p = 1/(1 + exp(-S))     carbide above 0.5, HSS below -0.5, else either
 * ```
 * Metal over 430 HB excludes HSS; a special form with no carbide in the drawer excludes
 * carbide: then the other is the verdict, whatever the score.
 *
 * @throws OutOfRange naming the input
 * @example a low-carbon shaft of 20 mm on a small worn belt lathe: S -4.05, HSS, strong
 */
export function weigh(inputs: ChoiceInputs, school: ChoiceSchool = 'neither'): Weighed {
  const of = checkedChoice(inputs);
  const each = contributions(of);
  const score = scoreOf(of, school);
  const probabilityCarbide = 1 / (1 + Math.exp(-score));
  const excluded = exclusion(of);
  const byScore = score > EITHER_UP_TO ? 'carbide' : score < -EITHER_UP_TO ? 'hss' : 'either';
  return {
    score,
    probabilityCarbide,
    verdict: excluded === null ? byScore : excluded === 'hss' ? 'carbide' : 'hss',
    confidence: excluded === null ? confidenceOf(probabilityCarbide) : 'strong',
    excluded,
    contributions: each,
    topReasons: CHOICE_FACTORS.filter((factor) => each[factor] !== 0)
      .sort((a, b) => Math.abs(each[b]) - Math.abs(each[a]))
      .slice(0, 3),
    leaning: LEANING[school],
  };
}

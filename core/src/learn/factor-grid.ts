import jStat from 'jstat';
import type { Verdict } from '../operation/how-it-went';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

/** Trials of one setting with one outcome. */
export interface FactorTrial {
  /** Set value over the table's, both of the same quantity. */
  readonly ratio: number;
  readonly verdict: Verdict;
  /** Number of such cuts; one where it is left out. */
  readonly count?: number | undefined;
}

/** Cuts as the book counts them: how many said the same of a setting. */
export interface CountedCuts {
  /** Logarithm of set over table, in hundredths. */
  readonly lnRatio: number;
  readonly verdict: Verdict;
  readonly cuts: number;
}
export const trialOf = ({ lnRatio, verdict, cuts }: CountedCuts): FactorTrial => ({
  ratio: Math.exp(lnRatio / 100),
  verdict,
  count: cuts,
});

/** A factor as it is known: its median, the band that holds it four times in five, and the scatter of its logarithm. */
export interface FactorBand {
  readonly median: number;
  readonly low: number;
  readonly high: number;
  readonly sdLn: number;
}

/** Logarithms of the factor: -1.6 to 1.6 in hundredths. */
const FIRST_LN = -1.6;
const STEP_LN = 0.01;
const CELLS = 321;
/** Half width of what is right, and scatter of a person's judgement, as logarithms. */
export const RIGHT_WITHIN_LN = 0.15;
export const JUDGED_SD_LN = 0.2;
/** Share of cuts whose verdict says nothing: a wrong note, a bad bar, a mistaken button. */
export const ODD_SHARE = 0.1;
const BAND = { low: 0.1, high: 0.9 } as const;

export const GRID: readonly number[] = Array.from({ length: CELLS }, (_, k) => FIRST_LN + STEP_LN * k);

const below = (z: number): number => jStat.normal.cdf(z, 0, 1);

/**
 * Logarithm of the likelihood of trials at each factor of the grid.
 *
 * Ordered probit: with x = ln(set / table), too slow has probability
 * Φ((θ - 0.15 - x) / 0.20), too fast Φ((x - θ - 0.15) / 0.20), right the rest; one in
 * ten says nothing: P' = 0.9 P + 0.1 / 3. So one odd cut among many hardly moves it.
 * Source: McCullagh 1980 for ordered outcomes.
 *
 * @param oddShare  share of cuts whose verdict says nothing
 * @throws OutOfRange for a ratio that is not above 0, or a share outside 0 to 1
 */
export function logLikelihood(trials: readonly FactorTrial[], oddShare: number = ODD_SHARE): Float64Array {
  within('share of odd cuts', oddShare, 0, 1);
  const sum = new Float64Array(CELLS);
  for (const { ratio, verdict, count = 1 } of trials) {
    const x = Math.log(positive('set over table', ratio));
    for (const [k, theta] of GRID.entries()) {
      const slow = below((theta - RIGHT_WITHIN_LN - x) / JUDGED_SD_LN);
      const fast = below((x - theta - RIGHT_WITHIN_LN) / JUDGED_SD_LN);
      const share = verdict === 'too-slow' ? slow : verdict === 'too-fast' ? fast : 1 - slow - fast;
      sum[k]! += count * Math.log((1 - oddShare) * share + oddShare / 3);
    }
  }
  return sum;
}

/** Weights that add up to 1. */
export function normalised(weights: ArrayLike<number>): Float64Array {
  const whole = Array.from(weights).reduce((sum, one) => sum + one, 0);
  return Float64Array.from(weights, (one) => one / whole);
}

/** Probabilities from their logarithms, however large or small these are. */
export function fromLogs(logs: ArrayLike<number>): Float64Array {
  const most = Array.from(logs).reduce((largest, one) => Math.max(largest, one), -Infinity);
  if (most === -Infinity) throw new OutOfRange('likelihood of the trials', 0, 0);
  return normalised(Float64Array.from(logs, (one) => Math.exp(one - most)));
}

/** A normal prior on the grid, as probabilities. */
export const normalPrior = (meanLn: number, sdLn: number): Float64Array =>
  normalised(
    GRID.map((theta) => Math.exp(-0.5 * ((theta - meanLn) / positive('scatter of the prior', sdLn)) ** 2)),
  );

/** Quantile of a distribution on the grid, its density even within each cell. */
function quantileLn(shares: Float64Array, share: number): number {
  let before = 0;
  for (const [k, theta] of GRID.entries()) {
    const here = shares[k]!;
    if (before + here >= share && here > 0) return theta - STEP_LN / 2 + (STEP_LN * (share - before)) / here;
    before += here;
  }
  return GRID.at(-1)! + STEP_LN / 2;
}

/** Median, band and scatter of a distribution on the grid. */
export function bandOf(shares: Float64Array): FactorBand {
  const mean = GRID.reduce((sum, theta, k) => sum + theta * shares[k]!, 0);
  const variance = GRID.reduce((sum, theta, k) => sum + (theta - mean) ** 2 * shares[k]!, 0);
  return {
    median: Math.exp(quantileLn(shares, 0.5)),
    low: Math.exp(quantileLn(shares, BAND.low)),
    high: Math.exp(quantileLn(shares, BAND.high)),
    sdLn: Math.sqrt(variance),
  };
}

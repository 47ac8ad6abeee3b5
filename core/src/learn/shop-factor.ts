import {
  bandOf,
  fromLogs,
  logLikelihood,
  normalPrior,
  type FactorBand,
  type FactorTrial,
} from './factor-grid';

export interface ShopFactor extends FactorBand {
  /** Number of cuts behind it. */
  readonly cuts: number;
}

/** Before any cut the factor is 1, four times in five between 0.64 and 1.57. */
export const PRIOR_SD_LN = 0.35;

export const cutsIn = (trials: readonly FactorTrial[]): number =>
  trials.reduce((sum, { count = 1 }) => sum + count, 0);

/**
 * The shop's factor on a table value from the outcomes of its cuts: the prior times
 * the likelihood of every trial, on a grid of the factor's logarithm.
 *
 * @example shopFactor([]).median // 1
 */
export function shopFactor(
  trials: readonly FactorTrial[],
  meanLn = 0,
  sdLn: number = PRIOR_SD_LN,
  oddShare?: number,
): ShopFactor {
  const likelihood = logLikelihood(trials, oddShare);
  const logs = normalPrior(meanLn, sdLn).map((share, k) => Math.log(share) + likelihood[k]!);
  return { ...bandOf(fromLogs(logs)), cuts: cutsIn(trials) };
}

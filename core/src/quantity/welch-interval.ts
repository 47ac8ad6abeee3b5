import jStat from 'jstat';
import { mean, variance } from './mean';
import { atLeast, within } from './out-of-range';

/** What a comparison of two series says, in the order in which it is asked. */
export type WelchVerdict = 'no-difference-that-matters' | 'a-higher' | 'b-higher' | 'no-difference-seen';

export interface WelchInterval {
  /** Mean of a less mean of b. */
  readonly difference: number;
  readonly standardError: number;
  /** Degrees of freedom of Welch and Satterthwaite. */
  readonly degrees: number;
  readonly t: number;
  readonly low: number;
  readonly high: number;
  /** The smallest difference that these readings could have shown. */
  readonly smallestSeen: number;
  readonly verdict: WelchVerdict;
}

/** A value may lie anywhere within its resolution: its variance is at least this share of the resolution's square. */
const ROUNDING_SHARE = 1 / 12;

interface Series {
  readonly mean: number;
  /** Variance of the mean. */
  readonly error: number;
  readonly count: number;
}

function seriesOf(values: readonly number[], resolution: number): Series {
  const count = values.length;
  const scatter = Math.max(variance(values), ROUNDING_SHARE * resolution ** 2);
  return { mean: mean(values), error: scatter / count, count };
}

/**
 * Interval of the difference of two means whose scatter may differ: d ± t se, with
 * se² = sA²/nA + sB²/nB and the degrees of freedom of Welch and Satterthwaite.
 * Source: Welch 1947.
 *
 * @param resolution  of a reading, 0 or more: equal readings are no proof of no scatter
 * @param confidence  above 0, below 1
 * @param matters     a difference within this, either way, does not matter
 * @throws OutOfRange for fewer than two readings in a series
 * @example welchInterval([3.1, 3.05, 3.12, 3.08], [2.8, 2.86, 2.78, 2.83], 0.01, 0.95, 0.1).verdict // 'a-higher'
 */
export function welchInterval(
  a: readonly number[],
  b: readonly number[],
  resolution: number,
  confidence: number,
  matters: number,
): WelchInterval {
  within('confidence', confidence, 0.01, 0.9999);
  within('resolution', resolution, 0, Number.MAX_VALUE);
  within('difference that matters', matters, 0, Number.MAX_VALUE);
  const [sa, sb] = [
    seriesOf(atLeast('readings of A', a, 2), resolution),
    seriesOf(atLeast('readings of B', b, 2), resolution),
  ];
  const difference = sa.mean - sb.mean;
  const error = sa.error + sb.error;
  const standardError = Math.sqrt(error);
  const degrees =
    error > 0
      ? error ** 2 / (sa.error ** 2 / (sa.count - 1) + sb.error ** 2 / (sb.count - 1))
      : sa.count + sb.count - 2;
  const t = jStat.studentt.inv((1 + confidence) / 2, degrees);
  const smallestSeen = t * standardError;
  const [low, high] = [difference - smallestSeen, difference + smallestSeen];
  return {
    difference,
    standardError,
    degrees,
    t,
    low,
    high,
    smallestSeen,
    verdict: verdictOf(low, high, matters),
  };
}

function verdictOf(low: number, high: number, matters: number): WelchVerdict {
  if (low >= -matters && high <= matters) return 'no-difference-that-matters';
  if (low > 0) return 'a-higher';
  return high < 0 ? 'b-higher' : 'no-difference-seen';
}

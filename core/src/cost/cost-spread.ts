import { checkedDistribution, valueAt, type Distribution } from '../quantity/distribution';
import { quantile } from '../quantity/quantile';
import { seededDraws } from '../quantity/random-draws';
import { correlationOfRanks, ranks } from '../quantity/rank-correlation';
import { within } from '../quantity/out-of-range';
import { costPerPart, type CostInputs } from './cost-per-part';

export type CostInput = keyof CostInputs;

/** An input that is not known exactly. */
export interface Uncertain {
  readonly name: CostInput;
  readonly spread: Distribution;
}

export interface Spread {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

export interface CostSpread {
  readonly hss: Spread;
  readonly carbide: Spread;
  /** Cost of a part, the least first. */
  readonly hssCosts: Float64Array;
  readonly carbideCosts: Float64Array;
  /** HSS less carbide: above 0 carbide is cheaper. */
  readonly differenceMean: number;
  readonly difference: Spread;
  readonly probabilityCarbideCheaper: number;
  /** How far that share could be off because the trials are counted, one standard error. */
  readonly shareError: number;
  /** Rank correlation of each uncertain input with the difference. */
  readonly correlations: readonly { readonly name: CostInput; readonly rho: number }[];
  /** The input that the answer hangs on most; null when nothing is uncertain. */
  readonly hangsMostOn: CostInput | null;
}

const MOST_TRIALS = 1_000_000;
/** Correlations are told to two figures: so many of the trials are enough for them. */
const CORRELATED_TRIALS = 20_000;

/** A simulation in pieces, so that it can tell how far it is and be given up between them. */
export interface CostTrials {
  readonly trials: number;
  readonly done: number;
  /** Makes so many more trials. */
  run(count: number): void;
  /** The spread of the trials that were made; at least two. */
  result(): CostSpread;
}

/**
 * Draws the uncertain inputs again and again and costs a part each time.
 *
 * In a trial the inputs are drawn in the order of the list; an input that is certain
 * draws nothing, so the same seed always gives the same answer.
 *
 * @param fixed  values of the inputs; those in the list are replaced in each trial
 * @throws OutOfRange for a spread or an input that cannot be
 */
export function costTrials(
  seed: number,
  trials: number,
  fixed: CostInputs,
  uncertain: readonly Uncertain[],
): CostTrials {
  within('number of trials', trials, 2, MOST_TRIALS);
  const spreads = uncertain.map(({ name, spread }) => ({ name, spread: checkedDistribution(spread) }));
  const drawn = spreads.map(() => new Float64Array(trials));
  const [hss, carbide, differences] = [trials, trials, trials].map((count) => new Float64Array(count)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const draw = seededDraws(seed);
  const inputs: Record<CostInput, number> = { ...fixed };
  let done = 0;
  return {
    trials,
    get done() {
      return done;
    },
    run(count) {
      for (const end = Math.min(trials, done + count); done < end; done += 1) {
        spreads.forEach(({ name, spread }, i) => {
          inputs[name] = valueAt(spread, draw());
          drawn[i]![done] = inputs[name];
        });
        const cost = costPerPart(inputs);
        hss[done] = cost.hssCostPerPart;
        carbide[done] = cost.carbideCostPerPart;
        differences[done] = cost.hssCostPerPart - cost.carbideCostPerPart;
      }
    },
    result: () =>
      spreadOf(
        hss.subarray(0, done),
        carbide.subarray(0, done),
        differences.subarray(0, done),
        spreads.map(({ name }, i) => ({ name, drawn: drawn[i]!.subarray(0, done) })),
      ),
  };
}

/** The whole simulation at once. */
export function costSpread(
  seed: number,
  trials: number,
  fixed: CostInputs,
  uncertain: readonly Uncertain[],
): CostSpread {
  const work = costTrials(seed, trials, fixed, uncertain);
  work.run(trials);
  return work.result();
}

const spread = (sorted: Float64Array): Spread => ({
  p10: quantile(sorted, 0.1),
  p50: quantile(sorted, 0.5),
  p90: quantile(sorted, 0.9),
});

function spreadOf(
  hss: Float64Array,
  carbide: Float64Array,
  differences: Float64Array,
  inputs: readonly { readonly name: CostInput; readonly drawn: Float64Array }[],
): CostSpread {
  const [hssCosts, carbideCosts] = [hss.slice().sort(), carbide.slice().sort()];
  const share = differences.reduce((count, d) => count + Number(d > 0), 0) / differences.length;
  const first = (values: Float64Array): Float64Array => ranks(values.subarray(0, CORRELATED_TRIALS));
  const rankOfDifference = first(differences);
  const correlations = inputs.map(({ name, drawn }) => ({
    name,
    rho: correlationOfRanks(first(drawn), rankOfDifference),
  }));
  const strongest = correlations.reduce<(typeof correlations)[number] | null>(
    (most, one) => (most === null || Math.abs(one.rho) > Math.abs(most.rho) ? one : most),
    null,
  );
  return {
    hss: spread(hssCosts),
    carbide: spread(carbideCosts),
    hssCosts,
    carbideCosts,
    differenceMean: differences.reduce((sum, d) => sum + d, 0) / differences.length,
    difference: spread(differences.slice().sort()),
    probabilityCarbideCheaper: share,
    shareError: Math.sqrt((share * (1 - share)) / differences.length),
    correlations,
    hangsMostOn: strongest?.name ?? null,
  };
}

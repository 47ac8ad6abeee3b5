import type { CostInput, CostInputs, Spread, Uncertain } from '@pike-stone/core/choose';

/** What the cost of a part is asked with. */
export interface CostQuestion {
  readonly seed: number;
  readonly trials: number;
  readonly fixed: CostInputs;
  readonly uncertain: readonly Uncertain[];
}

/** A spread of costs, small enough to be sent between threads. */
export interface CostAnswer {
  readonly hss: Spread;
  readonly carbide: Spread;
  readonly difference: Spread;
  readonly probabilityCarbideCheaper: number;
  readonly shareError: number;
  readonly correlations: readonly { readonly name: CostInput; readonly rho: number }[];
  readonly hangsMostOn: CostInput | null;
  /** Counts of both in equal steps from low to high. */
  readonly low: number;
  readonly high: number;
  readonly hssCounts: readonly number[];
  readonly carbideCounts: readonly number[];
}

import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { wholeWithin } from '../quantity/whole-within';
import { STEPS_PER_UNIT, stepsOf, type GaugeUnit } from './gauge-set';
import { reachableSums, selections, type ReachableSums } from './reachable-sums';

/** More joints than this spoil a stack of blocks. */
export const MOST_PIECES = 6;
/** No more pieces than this may be asked for. */
const MOST_ASKED = 8;
/** Usual most leaves of a feeler stack. */
export const MOST_LEAVES = 4;
/** Share of a step that arithmetic may be off by. */
const GUARD = 1e-6;

export interface StackWish {
  readonly unit: GaugeUnit;
  /** Sizes in whole steps of the unit, as in `GAUGE_SETS`. */
  readonly pieces: readonly number[];
  readonly target: number;
  /** Either side, 0 or more. */
  readonly tolerance: number;
  /** Size of one of a pair that stands at both ends, or null. */
  readonly wearPiece: number | null;
  /** The pair included. */
  readonly mostPieces: number;
}

export type StackAnswer =
  | {
      readonly feasible: true;
      readonly count: number;
      readonly achieved: number;
      readonly error: number;
      /** Sizes, largest first, the pair of wear pieces left out. */
      readonly pieces: readonly number[];
    }
  | { readonly feasible: false; readonly nearestBelow: number | null; readonly nearestAbove: number | null };

/** Longest sum that so many pieces make: nothing beyond it has to be looked at. */
const longestSum = (pieces: readonly number[], count: number): number =>
  [...pieces]
    .sort((a, b) => b - a)
    .slice(0, count)
    .reduce((sum, piece) => sum + piece, 0);

/** Window of whole common steps within a tolerance, and the exact target. */
function windowOf(target: number, toleranceSteps: number, common: number) {
  return {
    exact: target / common,
    low: Math.ceil((target - toleranceSteps) / common - GUARD),
    high: Math.floor((target + toleranceSteps) / common + GUARD),
  };
}

/** The sum of k pieces within a window that is nearest to its target, the lower of two; null when there is none. */
function nearestIn(
  sums: ReachableSums,
  k: number,
  { exact, low, high }: ReturnType<typeof windowOf>,
): number | null {
  const [under, over] = [
    sums.below(k, Math.min(high, Math.floor(exact + GUARD))),
    sums.above(k, Math.max(low, Math.ceil(exact - GUARD))),
  ];
  const fit = [under, over].filter((sum): sum is number => sum !== null && sum >= low && sum <= high);
  return fit.sort((a, b) => Math.abs(a - exact) - Math.abs(b - exact) || a - b)[0] ?? null;
}

/**
 * The fewest pieces that make a length within a tolerance; of those the nearest, of two equally near the lower.
 * Exact: every sum of every number of pieces is known, each piece used once.
 *
 * @returns when it cannot be made, the nearest lengths that can, within the number of pieces
 * @example 41.125 mm from the 88-piece set: 4 pieces
 */
export function gaugeStack(wish: StackWish): StackAnswer {
  const perUnit = STEPS_PER_UNIT[wish.unit];
  positive('target', wish.target);
  within('tolerance', wish.tolerance, 0, wish.target);
  wholeWithin('most pieces', wish.mostPieces, 1, MOST_ASKED);
  const pair = wish.wearPiece === null ? 0 : 2 * stepsOf('wear piece', wish.wearPiece, wish.unit);
  /** Pieces that the wear pair takes of those allowed. */
  const taken = wish.wearPiece === null ? 0 : 2;
  const target = wish.target * perUnit - pair;
  const mostK = Math.max(0, wish.mostPieces - taken);
  const sums = reachableSums(
    wish.pieces,
    Math.min(
      longestSum(wish.pieces, mostK),
      Math.max(0, target) + Math.max(...wish.pieces) + wish.tolerance * perUnit,
    ),
    mostK,
  );
  const window = windowOf(target, wish.tolerance * perUnit, sums.common);
  for (let k = 1; k <= mostK; k += 1) {
    const sum = nearestIn(sums, k, window);
    if (sum === null) continue;
    const [numbers] = selections(sums, k, sum);
    const achieved = (sum * sums.common + pair) / perUnit;
    return {
      feasible: true,
      count: k + taken,
      achieved,
      error: achieved - wish.target,
      pieces: numbers!.map((i) => wish.pieces[i]! / perUnit).sort((a, b) => b - a),
    };
  }
  const ks = Array.from({ length: mostK }, (_, i) => i + 1);
  /** Of the sums found the one that is nearest, as a length with the wear pair. */
  const asLength = (found: readonly (number | null)[], pick: (...of: number[]) => number): number | null => {
    const real = found.filter((sum): sum is number => sum !== null);
    return real.length === 0 ? null : (pick(...real) * sums.common + pair) / perUnit;
  };
  return {
    feasible: false,
    nearestBelow:
      target < 0
        ? null
        : asLength(
            ks.map((k) => sums.below(k, Math.floor(window.exact + GUARD))),
            Math.max,
          ),
    nearestAbove: asLength(
      ks.map((k) => sums.above(k, Math.ceil(window.exact - GUARD))),
      Math.min,
    ),
  };
}

/** Pairs of stacks of two numbers of pieces that are looked at before the search is given up. */
const MOST_LOOKED_AT = 20_000;

interface Wanted {
  /** Number of pieces. */
  readonly k: number;
  readonly window: ReturnType<typeof windowOf>;
}

/** Every selection of so many pieces within a window, as piece numbers. */
function* stacksWithin(sums: ReachableSums, { k, window }: Wanted): Generator<readonly number[]> {
  const { low, high } = window;
  for (let sum = Math.max(0, low); sum <= Math.min(high, sums.top); sum += 1)
    if (sums.makes(sums.sizes.length, k, sum)) yield* selections(sums, k, sum);
}

/** Two stacks that share no piece, as piece numbers, or null. */
function stacksApart(sums: ReachableSums, first: Wanted, second: Wanted) {
  let looked = 0;
  for (const one of stacksWithin(sums, first)) {
    const used = new Set(one);
    for (const other of stacksWithin(sums, second)) {
      if (other.every((i) => !used.has(i))) return [one, other] as const;
      looked += 1;
      if (looked > MOST_LOOKED_AT) throw new OutOfRange('pairs of stacks', looked, 0, MOST_LOOKED_AT);
    }
  }
  return null;
}

export type PairAnswer =
  | {
      readonly feasible: true;
      readonly totalCount: number;
      readonly first: readonly number[];
      readonly second: readonly number[];
    }
  | { readonly feasible: false };

/**
 * Two stacks at once from one set, no piece in both, with the fewest pieces in all: both plates of a compound sine
 * plate, two rolls raised, or a go and a not-go.
 *
 * @param targets  in the unit, both within the tolerance
 * @throws OutOfRange when too many pairs would have to be looked at
 */
export function gaugeStackPair(
  unit: GaugeUnit,
  pieces: readonly number[],
  targets: readonly [number, number],
  tolerance: number,
  mostEach: number,
): PairAnswer {
  const perUnit = STEPS_PER_UNIT[unit];
  within('tolerance', tolerance, 0, Math.min(...targets));
  wholeWithin('most pieces', mostEach, 1, MOST_PIECES);
  const steps = targets.map((target) => positive('target', target) * perUnit);
  const sums = reachableSums(
    pieces,
    Math.min(longestSum(pieces, mostEach), Math.max(...steps) + (tolerance + 1) * perUnit),
    mostEach,
  );
  const wanted = (target: number, k: number): Wanted => ({
    k,
    window: windowOf(target * perUnit, tolerance * perUnit, sums.common),
  });
  const canBe = ({ k, window }: Wanted): boolean => nearestIn(sums, k, window) !== null;
  const sized = (numbers: readonly number[]): readonly number[] =>
    numbers.map((i) => pieces[i]! / perUnit).sort((a, b) => b - a);
  for (let total = 2; total <= 2 * mostEach; total += 1)
    for (let k = Math.max(1, total - mostEach); k <= Math.min(mostEach, total - 1); k += 1) {
      const [first, second] = [wanted(targets[0], k), wanted(targets[1], total - k)];
      const found = canBe(first) && canBe(second) ? stacksApart(sums, first, second) : null;
      if (found !== null)
        return { feasible: true, totalCount: total, first: sized(found[0]), second: sized(found[1]) };
    }
  return { feasible: false };
}

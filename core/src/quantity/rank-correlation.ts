import { atLeast, OutOfRange } from './out-of-range';

/** Rank of each value, the least first, counted from 0; equal values share the mean of their ranks. */
export function ranks(values: ArrayLike<number>): Float64Array {
  const found = new Float64Array(values.length);
  for (let i = 0; i < values.length; i += 1) found[i] = values[i]!;
  const sorted = found.slice().sort();
  for (let i = 0; i < found.length; i += 1) {
    const value = found[i]!;
    const first = countWhile(sorted, (one) => one < value);
    const last = countWhile(sorted, (one) => one <= value) - 1;
    found[i] = (first + last) / 2;
  }
  return found;
}

/** How many values at the start of a sorted list are of a kind that the later ones are not; found by halving. */
function countWhile(sorted: Float64Array, isOf: (value: number) => boolean): number {
  let [from, to] = [0, sorted.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (isOf(sorted[middle]!)) from = middle + 1;
    else to = middle;
  }
  return from;
}

/**
 * How strictly two values rise together: 1 always, -1 one falls as the other rises,
 * 0 neither. Of a value that never changes: 0.
 *
 * Source: Spearman (1904), with average ranks for ties.
 *
 * @throws OutOfRange for lists of different length, or with fewer than two values
 * @example rankCorrelation([1, 2, 3], [10, 30, 20]) // 0.5
 */
export function rankCorrelation(x: readonly number[], y: readonly number[]): number {
  atLeast('values', x, 2);
  if (x.length !== y.length) throw new OutOfRange('number of values', y.length, x.length, x.length);
  return correlationOfRanks(ranks(x), ranks(y));
}

/** Product-moment correlation of two lists of ranks of equal length. */
export function correlationOfRanks(x: Float64Array, y: Float64Array): number {
  const mean = (x.length - 1) / 2;
  let [together, ofX, ofY] = [0, 0, 0];
  for (let i = 0; i < x.length; i += 1) {
    const [dx, dy] = [x[i]! - mean, y[i]! - mean];
    together += dx * dy;
    ofX += dx * dx;
    ofY += dy * dy;
  }
  return ofX === 0 || ofY === 0 ? 0 : together / Math.sqrt(ofX * ofY);
}

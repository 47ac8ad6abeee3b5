/**
 * How many values fall in each of equal steps from low to high; values outside count
 * in the step at that end.
 *
 * @example histogram([1, 2, 2, 9], 0, 10, 2) // [3, 1]
 */
export function histogram(values: ArrayLike<number>, low: number, high: number, steps: number): number[] {
  const counts = new Array<number>(steps).fill(0);
  const width = (high - low) / steps || 1;
  for (let i = 0; i < values.length; i += 1) {
    const step = Math.floor((values[i]! - low) / width);
    counts[Math.min(steps - 1, Math.max(0, step))]! += 1;
  }
  return counts;
}

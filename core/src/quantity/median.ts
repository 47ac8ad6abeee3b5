/** The middle value; of an even count the mean of the middle two. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** Median absolute deviation to standard deviation of a normal scatter. */
export const MAD_TO_SIGMA = 1.4826;

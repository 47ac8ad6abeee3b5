/** The value, or the nearer end of the range when it lies outside. */
export const clamp = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));

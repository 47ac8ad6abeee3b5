/** Arithmetic mean of one value or more. */
export const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

/**
 * Variance around the mean, of two values or more.
 * @param lessOne  over one less than their number, as of a sample; else over their number
 */
export function variance(values: readonly number[], lessOne = true): number {
  const middle = mean(values);
  const squares = values.reduce((sum, one) => sum + (one - middle) ** 2, 0);
  return squares / (values.length - (lessOne ? 1 : 0));
}

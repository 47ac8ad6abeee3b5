/** The functions of jstat that are used here; the package brings no types of its own. */
declare module 'jstat' {
  interface Continuous1 {
    /** Quantile of a probability, for a number of degrees of freedom. */
    inv(share: number, degrees: number): number;
  }
  interface Continuous2 {
    /** Probability below x, for a mean and a standard deviation. */
    cdf(x: number, mean: number, sd: number): number;
  }
  const jStat: { readonly studentt: Continuous1; readonly normal: Continuous2 };
  export default jStat;
}

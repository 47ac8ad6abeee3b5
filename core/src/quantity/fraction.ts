/** Greatest common divisor of two whole numbers, 0 or more. */
export const commonDivisor = (a: number, b: number): number =>
  b === 0 ? Math.abs(a) : commonDivisor(b, a % b);

/** A fraction in lowest terms, its denominator above 0; the sign stands on the numerator. */
export interface Fraction {
  readonly num: number;
  readonly den: number;
}

/**
 * A fraction in lowest terms.
 * @example fraction(40, 120) // { num: 1, den: 3 }
 */
export function fraction(num: number, den: number): Fraction {
  const by = commonDivisor(num, den) * Math.sign(den);
  return { num: num / by || 0, den: den / by };
}

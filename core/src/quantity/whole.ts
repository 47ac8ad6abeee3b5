/** Error of arithmetic that a count forgives. */
const GUARD = 1e-9;

/**
 * Whole pieces in a number of pieces, rounded down.
 * @example wholeIn((2.4 - 1.5) / 0.3) // 3, although the quotient is 2.9999999999999996
 */
export const wholeIn = (count: number): number => Math.floor(count + GUARD);

/**
 * Whole pieces that cover a number of pieces, rounded up; none is 0 and not -0.
 * @example wholeOver((0.1 + 0.2) / 0.1) // 3, although the quotient is 3.0000000000000004
 */
export const wholeOver = (count: number): number => Math.ceil(count - GUARD) || 0;

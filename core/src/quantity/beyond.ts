/** A value this little above its limit still counts as within it. */
const SLACK = 1.0001;

/**
 * Whether a value lies above its limit by more than rounding.
 * @example isBeyond(240.01, 240) // false
 */
export const isBeyond = (value: number, limit: number): boolean => value > limit * SLACK;

/** One degree in radians. */
export const DEG = Math.PI / 180;

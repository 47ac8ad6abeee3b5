import type { Profile } from './profile';

/** Bulge of a quarter of a circle. */
export const QUARTER = Math.tan(Math.PI / 8);

/** Down a line, round a quarter to the right, along a line: the tool on the left. For tests. */
export const ROUNDED_STEP: Profile = [
  [-2, 3, 0],
  [-2, 0, QUARTER],
  [0, -2, 0],
  [3, -2, 0],
];

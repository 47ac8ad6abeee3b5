import { arrowHead } from './dimensions';

/** An arrow straight in toward the axis, from below. */
export const inward = (x: number, from: number, to: number): string =>
  `M${x} ${from}V${to}${arrowHead(x, to, 0, -1)}`;

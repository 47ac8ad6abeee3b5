import { arrowHead } from './dimensions';

/** A feed arrow from below, toward the axis. */
export const inward = (x: number, from: number, to: number): string =>
  `M${x} ${from}V${to}${arrowHead(x, to, 0, -1)}`;

import { positive } from '../quantity/out-of-range';

export interface EdgesLeft {
  /** Inserts that no edge was used of. */
  readonly whole: number;
  /** Edges left of the insert in use; 0 when none is begun. */
  readonly onOne: number;
  /** More were taken than were counted in: count again. */
  readonly short: boolean;
}

/**
 * Edges in a box, as whole inserts and the one in use.
 * @example edgesLeft(23, 4) // { whole: 5, onOne: 3, short: false }
 */
export function edgesLeft(edges: number, edgesEach: number): EdgesLeft {
  const left = Math.max(0, edges);
  const each = positive('edges of an insert', edgesEach);
  return { whole: Math.floor(left / each), onOne: left % each, short: edges < 0 };
}

/** A program that is ready. */
interface Running {
  readonly ended: Promise<number | string | null>;
  readonly stop: () => Promise<void>;
}

/** What became of a program: it ended, was started again, or is given up. */
export interface Told {
  readonly ended?: true;
  readonly startedAgain?: true;
  readonly gaveUp?: true;
  readonly code?: number | string | null;
  readonly attempt?: number;
}

interface Tries {
  readonly most: number;
  readonly withinMs: number;
  readonly firstMs: number;
  readonly longestMs: number;
}

/** Watches a program and starts it again when it ends by itself, a limited number of times. */
export function keepRunning(
  start: () => Promise<Running>,
  told: (event: Told) => void,
  tries?: Tries,
): Promise<{ readonly givenUp: Promise<number | string | null>; readonly stop: () => Promise<void> }>;

import type { DrawnPiece } from '@pike-stone/core/form';

/** Lines and arcs of a drawing file, y upward. */
export interface Drawing {
  /** In the unit of the file. */
  readonly pieces: readonly DrawnPiece[];
  /** mm of one unit, or null where the file does not say: then it must be asked. */
  readonly mmPerUnit: number | null;
}

/** More lines, arcs and shapes than this are no profile but a whole drawing. */
const MOST_ENTITIES = 4000;

/** Refuses a file with too much in it. @throws Error with a sentence */
export function refuseWhole(count: number, what: 'entities' | 'shapes'): void {
  if (count > MOST_ENTITIES)
    throw new Error(
      `${count} ${what} are a whole drawing: leave only the profile, ${MOST_ENTITIES} at the most.`,
    );
}

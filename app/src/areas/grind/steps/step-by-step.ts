/** Where a list of steps stands, and how it goes on and back. */
export interface StepByStep {
  /** Step on the screen, from 0; as many as there are when all are done. */
  readonly at: number;
  readonly next: () => void;
  readonly back: () => void;
}

/**
 * Steps that are done one after the other.
 * @param write  keeps the keys of what is done
 */
export function stepByStep<Key extends string>(
  keys: readonly Key[],
  done: readonly Key[],
  write: (done: Key[]) => void,
): StepByStep {
  const at = Math.min(keys.filter((key) => done.includes(key)).length, keys.length);
  return {
    at,
    next: () => {
      const key = keys[at];
      if (key) write([...done, key]);
    },
    back: () => {
      const last = keys[at - 1];
      if (last) write(done.filter((key) => key !== last));
    },
  };
}

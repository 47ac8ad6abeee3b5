/** A cause of a sign: why, and what to look for once it is answered. */
export interface CauseWords {
  readonly why: string;
  readonly look: string;
  /** What is done about it, where that is more than the usual for its change. */
  readonly step?: string | undefined;
}
/** A sign in the words of the shop, where it ends, and its causes in the order of the core's table. */
export interface SignWords {
  readonly sign: string;
  /** When the cut is stopped for it, or what must not be done; null where there is no such thing. */
  readonly stop: string | null;
  readonly causes: readonly CauseWords[];
}

export const told = (why: string, look: string, step?: string): CauseWords => ({ why, look, step });

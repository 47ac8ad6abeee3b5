/** A cause of a sign: why, what is done about it, and what to look for then. */
interface CauseWords {
  readonly why: string;
  readonly step: string;
  readonly look: string;
}
/** A sign in the words of the shop, when the cut is stopped for it, and its causes in the order of the core's table. */
export interface SignWords {
  readonly sign: string;
  readonly stop: string;
  readonly causes: readonly CauseWords[];
}

export const told = (why: string, step: string, look: string): CauseWords => ({ why, step, look });

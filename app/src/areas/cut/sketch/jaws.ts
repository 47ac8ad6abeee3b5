/** Where a bar seen from above begins: below the figures at the top, right of the shortest jaws shown, px. */
export const TOP = 46;
export const JAW = 30;
const LONGEST_JAW = 110;

/** Jaws reach as far as a short bar leaves room for, so that the free end stays near its dimensions. */
export const jawLength = (room: number): number => Math.max(JAW, Math.min(LONGEST_JAW, room));

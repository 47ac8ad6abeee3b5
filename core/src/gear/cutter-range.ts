/**
 * One cutter for many tooth counts: number, fewest and most teeth (null: up to a rack). *Customary*; the form is
 * that of the fewest teeth, so that wheels above get thinner tips and never fat ones.
 */
export const CUTTER_RANGES = [
  [1, 135, null],
  [2, 55, 134],
  [3, 35, 54],
  [4, 26, 34],
  [5, 21, 25],
  [6, 17, 20],
  [7, 14, 16],
  [8, 12, 13],
] as const satisfies readonly (readonly [number: number, from: number, to: number | null])[];

export interface CutterRange {
  readonly number: number;
  readonly fromTeeth: number;
  /** null up to a rack. */
  readonly toTeeth: number | null;
}

/**
 * The cutter of the set that makes a tooth count.
 * @param teeth  null for a rack
 * @returns null below 12 teeth: no cutter of the set makes them
 */
export function cutterRange(teeth: number | null): CutterRange | null {
  const row = CUTTER_RANGES.find(([, from]) => teeth === null || teeth >= from);
  return row === undefined ? null : { number: row[0], fromTeeth: row[1], toTeeth: row[2] };
}

/** Teeth that a cutter is drawn for when it shall serve its whole range: the fewest; its own count below the set. */
export const rangeTeeth = (teeth: number): number => cutterRange(teeth)?.fromTeeth ?? teeth;

import { DEG } from '../quantity/angle';
import { fraction } from '../quantity/fraction';
import { atLeast } from '../quantity/out-of-range';
import { wholeWithin } from '../quantity/whole-within';

/** Circles of holes on each side of each plate. */
export type Plates = readonly (readonly number[])[];

/** Usual plate sets; a shop edits them to its own. */
export const PLATE_SETS = {
  'three-plates': [
    [15, 16, 17, 18, 19, 20],
    [21, 23, 27, 29, 31, 33],
    [37, 39, 41, 43, 47, 49],
  ],
  'one-plate-two-sides': [
    [24, 25, 28, 30, 34, 37, 38, 39, 41, 42, 43],
    [46, 47, 49, 51, 53, 54, 57, 58, 59, 62, 66],
  ],
  'rotary-table-plates': [
    [15, 18, 20, 23, 27, 31, 37, 41, 47],
    [16, 17, 19, 21, 29, 33, 39, 43, 49],
  ],
  direct: [[24, 30, 36]],
} as const satisfies Readonly<Record<string, Plates>>;

/** Turns of the crank for one turn of the work that heads have. */
export const HEAD_RATIOS = [40, 60, 90, 80, 120, 180, 1] as const;

/** Change gears that usually come with a head for differential dividing. */
export const USUAL_HEAD_GEARS = [24, 24, 28, 32, 40, 44, 48, 56, 64, 72, 86, 100] as const;

const ARCSEC_PER_TURN = 1_296_000;
const MOST_DIVISIONS = 10_000;

/** Circles of all plates, each once, ascending. */
export function circlesOf(plates: Plates): readonly number[] {
  atLeast('circles of holes', plates.flat(), 1).forEach((circle) =>
    wholeWithin('circle of holes', circle, 2, 1000),
  );
  return [...new Set(plates.flat())].sort((a, b) => a - b);
}

/** Checks the ratio of a head and a count. @throws OutOfRange */
export function checkHead(ratio: number, divisions: number): void {
  wholeWithin('ratio of the head', ratio, 1, 360);
  wholeWithin('divisions', divisions, 1, MOST_DIVISIONS);
}

export type SimpleIndexing =
  | {
      readonly exact: true;
      readonly fullTurns: number;
      /** Circles that divide exactly, ascending, with the spaces beyond the full turns on each. */
      readonly choices: readonly { readonly circle: number; readonly spaces: number }[];
    }
  | {
      readonly exact: false;
      readonly circle: number;
      /** Largest error when each division goes to its own nearest hole; it does not add up. */
      readonly maxErrorArcsec: number;
      /** Holes of the same move every time on that circle, and the error it piles up after a whole turn. */
      readonly stepHoles: number;
      readonly closingErrorArcsec: number;
    };

/** Largest error of a circle when each division goes to its own nearest hole, in arc seconds. */
function nearestHoleError(ratio: number, divisions: number, circle: number): number {
  const { den } = fraction(ratio * circle, divisions);
  return (Math.floor(den / 2) / den) * (ARCSEC_PER_TURN / (ratio * circle));
}

/**
 * Simple indexing: i / N turns of the crank for each division; exact on a circle that the denominator of i / N
 * divides. Otherwise the circle whose nearest holes err least, the larger of two.
 *
 * @param ratio  i, turns of the crank for one turn of the work; 1 for a plate on the spindle
 * @example simpleIndexing(40, 7, PLATE_SETS['three-plates']) // 5 turns and 15 spaces on 21
 */
export function simpleIndexing(ratio: number, divisions: number, plates: Plates): SimpleIndexing {
  checkHead(ratio, divisions);
  const circles = circlesOf(plates);
  const { num, den } = fraction(ratio, divisions);
  const fullTurns = Math.floor(num / den);
  const rest = num - fullTurns * den;
  const choices = circles
    .filter((circle) => circle % den === 0)
    .map((circle) => ({ circle, spaces: (rest * circle) / den }));
  if (choices.length > 0) return { exact: true, fullTurns, choices };
  const circle = circles.reduce((best, one) =>
    nearestHoleError(ratio, divisions, one) <= nearestHoleError(ratio, divisions, best) ? one : best,
  );
  const stepHoles = Math.round((ratio * circle) / divisions);
  return {
    exact: false,
    circle,
    maxErrorArcsec: nearestHoleError(ratio, divisions, circle),
    stepHoles,
    closingErrorArcsec: divisions * (stepHoles / (ratio * circle) - 1 / divisions) * ARCSEC_PER_TURN,
  };
}

/**
 * Place of the crank for each division when each goes to its own nearest hole: full turns and holes from the
 * start, and how far it misses.
 */
export const nearestHoles = (ratio: number, divisions: number, circle: number) =>
  Array.from({ length: divisions }, (_, i) => {
    const exact = (i * ratio * circle) / divisions;
    const holes = Math.round(exact);
    return {
      turns: Math.floor(holes / circle),
      holes: holes % circle,
      errorArcsec: ((holes - exact) / (ratio * circle)) * ARCSEC_PER_TURN,
    };
  });

/** An angular error seen at a diameter, mm of arc. */
export const arcOfError = (errorArcsec: number, diameterMm: number): number =>
  (errorArcsec / 3600) * DEG * (diameterMm / 2);

export interface CompoundIndexing {
  /** Holes and circle of the crank, then of plate and crank together; the second may go back. */
  readonly first: { readonly holes: number; readonly circle: number };
  readonly second: { readonly holes: number; readonly circle: number };
  readonly totalHoles: number;
}

/**
 * Compound indexing: n1 / C1 + n2 / C2 = i / N exactly, with two circles of one plate, the fewest holes in all.
 * @returns null when no pair of circles makes it
 * @example compoundIndexing(40, 77, PLATE_SETS['three-plates']) // 9 of 21 and 3 of 33
 */
export function compoundIndexing(ratio: number, divisions: number, plates: Plates): CompoundIndexing | null {
  checkHead(ratio, divisions);
  circlesOf(plates);
  const turns = Math.ceil(ratio / divisions) + 1;
  let best: CompoundIndexing | null = null;
  for (const side of plates)
    for (const one of side)
      for (const other of side) {
        if (one === other) continue;
        for (let n1 = 1; n1 <= turns * one && n1 < (best?.totalHoles ?? Infinity); n1 += 1) {
          const n2 = (ratio * one * other - n1 * other * divisions) / (divisions * one);
          if (!Number.isInteger(n2) || n2 === 0) continue;
          const totalHoles = n1 + Math.abs(n2);
          if (best !== null && totalHoles >= best.totalHoles) continue;
          best = { first: { holes: n1, circle: one }, second: { holes: n2, circle: other }, totalHoles };
        }
      }
  return best;
}

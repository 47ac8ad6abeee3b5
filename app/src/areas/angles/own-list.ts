import { piecesInSteps, type GaugeUnit, type Plates } from '@pike-stone/core/setting';
import { unlessRefused } from '@pike-stone/core';

/** Lists of pieces, holes and gears as a shop types them, with blanks between. */

/** Numbers of a list as it is typed; null when one of them is none. */
function numbersIn(text: string): readonly number[] | null {
  const values = text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  return values.length > 0 && values.every((value) => Number.isFinite(value) && value > 0) ? values : null;
}

/** Pieces that a set, circles that the plates, and gears that a head may have. */
const MOST_PIECES = 130;
const MOST_CIRCLES = 60;
const MOST_GEARS = 30;

/** The pieces of a list in whole steps of its unit; null when one is none. */
export function ownPieces(text: string, unit: GaugeUnit): readonly number[] | null {
  const values = numbersIn(text);
  return values && values.length <= MOST_PIECES
    ? unlessRefused(() => piecesInSteps(values, unit), null)
    : null;
}

/** Circles of plates, a side between slashes; null when a number is no count of holes. */
export function ownPlates(text: string): Plates | null {
  const sides = text
    .split('/')
    .filter((side) => side.trim() !== '')
    .map(numbersIn);
  const known = sides.filter((side) => side !== null);
  const circles = known.flat();
  return sides.length > 0
    && known.length === sides.length
    && circles.length <= MOST_CIRCLES
    && circles.every((holes) => Number.isInteger(holes) && holes >= 2 && holes <= 1000)
    ? known
    : null;
}

/** Change gears of a head; null when one is no count of teeth. */
export function ownGears(text: string): readonly number[] | null {
  const teeth = numbersIn(text);
  return teeth
    && teeth.length >= 2
    && teeth.length <= MOST_GEARS
    && teeth.every((one) => Number.isInteger(one) && one <= 500)
    ? teeth
    : null;
}

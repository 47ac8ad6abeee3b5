import {
  MOST_CORNERS,
  MOST_POINTS,
  bulgeOfRadius,
  distanceOf,
  radiusOfBulge,
  type Corner,
  type PlanePoint,
  type Profile,
} from '@pike-stone/core/form';
import { MM_PER_INCH, readNumber, unlessRefused } from '@pike-stone/core';
import type { UnitSystem } from '@pike-stone/words';
import { parse } from 'papaparse';

/** Corners and points lie no farther from zero than this, mm. */
const MOST_MM = 1000;

/**
 * What stands between the entries of a row, by the first of them: a semicolon, a tab, a comma that is no decimal
 * comma, or blanks.
 */
function delimiterOf(text: string): string {
  const first = text.split('\n', 1)[0]!;
  if (first.includes(';')) return ';';
  if (first.includes('\t')) return '\t';
  const hasBlanks = /\S +\S/.test(first.replace(/, +/g, ','));
  return first.includes(',') && !hasBlanks ? ',' : ' ';
}

/** Rows of entries, without the empty ones. */
const entriesOf = (text: string): readonly (readonly string[])[] =>
  parse<string[]>(text.trim(), { delimiter: delimiterOf(text.trim()), skipEmptyLines: 'greedy' }).data.map(
    (row) => row.map((entry) => entry.trim()).filter((entry) => entry !== ''),
  );

/** What was read from typed rows, or the sentence that says which row cannot be used. */
export type Rows<Row> =
  { readonly rows: readonly Row[]; readonly fault: null } | { readonly rows: null; readonly fault: string };

/** Millimetres of one unit that a shop types in. */
const mmOf = (units: UnitSystem): number => (units === 'mm' ? 1 : MM_PER_INCH);

/** Millimetres of one unit that a heading names: "x_in", "x_mm"; null where it names none. */
function mmOfHeading(heading: string): number | null {
  if (/_in\b/i.test(heading)) return MM_PER_INCH;
  return /_mm\b/i.test(heading) ? 1 : null;
}

/**
 * Reads rows of lengths, mm. A first row of words is a heading that may name their unit.
 * @param counts   entries that a row may have
 * @param lengths  entries at its beginning that are lengths; what follows them is passed over
 * @param units    what they are in, where no heading says it
 */
function readRows(
  text: string,
  counts: readonly number[],
  lengths: number,
  units: UnitSystem,
): Rows<readonly number[]> {
  const lines = entriesOf(text);
  const heading = lines[0]?.some((entry) => /[a-z]/i.test(entry)) ? lines[0].join(' ') : null;
  const factor = (heading === null ? null : mmOfHeading(heading)) ?? mmOf(units);
  const rows: (readonly number[])[] = [];
  for (const [i, entries] of lines.slice(heading === null ? 0 : 1).entries()) {
    const at = i + (heading === null ? 1 : 2);
    if (!counts.includes(entries.length))
      return { rows: null, fault: `Row ${at}: ${counts.join(' or ')} numbers, not ${entries.length}.` };
    const row = entries
      .slice(0, lengths)
      .map((entry) => (readNumber(entry.replace(',', '.')) ?? NaN) * factor);
    if (row.some((mm) => !(Math.abs(mm) <= MOST_MM)))
      return { rows: null, fault: `Row ${at} has something that is no number, or is beyond ${MOST_MM} mm.` };
    rows.push(row);
  }
  return { rows, fault: null };
}

/**
 * Corners typed as rows: x, y and, where an arc goes on to the next corner, its radius (minus turns right).
 */
export function readCorners(text: string, units: UnitSystem): Rows<Corner> {
  const read = readRows(text, [2, 3], 3, units);
  if (read.rows === null) return read;
  if (read.rows.length < 2) return { rows: null, fault: 'Two corners at least, one on each row.' };
  if (read.rows.length > MOST_CORNERS) return { rows: null, fault: `No more than ${MOST_CORNERS} corners.` };
  const corners: Corner[] = [];
  for (const [i, row] of read.rows.entries()) {
    const at: PlanePoint = [row[0]!, row[1]!];
    const next = read.rows[i + 1];
    const radius = row[2] ?? 0;
    const bulge =
      next && radius !== 0
        ? unlessRefused(() => bulgeOfRadius(distanceOf(at, [next[0]!, next[1]!]), radius), null)
        : 0;
    if (bulge === null)
      return { rows: null, fault: `Row ${i + 1}: the radius is too small to reach the next corner.` };
    corners.push([...at, bulge]);
  }
  return { rows: corners, fault: null };
}

/** Measured points typed or pasted as rows of x and y. */
export function readPoints(text: string, units: UnitSystem): Rows<PlanePoint> {
  const read = readRows(text, [2, 3, 4], 2, units);
  if (read.rows === null) return read;
  if (read.rows.length < 2) return { rows: null, fault: 'Two points at least, one on each row.' };
  if (read.rows.length > MOST_POINTS)
    return { rows: null, fault: `${read.rows.length} points are more than ${MOST_POINTS}: thin them out.` };
  return { rows: read.rows.map((row): PlanePoint => [row[0]!, row[1]!]), fault: null };
}

const number = (value: number): string => String(Number(value.toFixed(5)));

/** The corners of a profile as rows that can be typed again. */
export const cornerText = (corners: Profile, units: UnitSystem): string =>
  corners
    .map(([x, y, bulge], i) => {
      const next = corners[i + 1];
      const place = `${number(x / mmOf(units))} ${number(y / mmOf(units))}`;
      if (bulge === 0 || !next) return place;
      return `${place} ${number(radiusOfBulge(distanceOf([x, y], [next[0], next[1]]), bulge) / mmOf(units))}`;
    })
    .join('\n');

/** Points as rows. */
export const pointText = (points: readonly PlanePoint[], units: UnitSystem): string =>
  points.map(([x, y]) => `${number(x / mmOf(units))} ${number(y / mmOf(units))}`).join('\n');

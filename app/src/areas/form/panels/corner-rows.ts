import {
  bulgeOfRadius,
  distanceOf,
  radiusOfBulge,
  type Corner,
  type PlanePoint,
  type Profile,
} from '@pike-stone/core/form';
import { MM_PER_INCH, readNumber, unlessRefused } from '@pike-stone/core';
import { parse } from 'papaparse';

/**
 * What stands between the numbers of a row: a semicolon, a tab, a comma that is no decimal comma, or blanks.
 */
function delimiterOf(text: string): string {
  if (text.includes(';')) return ';';
  if (text.includes('\t')) return '\t';
  const hasBlanks = /\S +\S/.test(text.replace(/, +/g, ','));
  return text.includes(',') && !hasBlanks ? ',' : ' ';
}

/** Rows of entries, without the empty ones. */
const entriesOf = (text: string): readonly (readonly string[])[] =>
  parse<string[]>(text.trim(), { delimiter: delimiterOf(text.trim()), skipEmptyLines: 'greedy' }).data.map(
    (row) => row.map((entry) => entry.trim()).filter((entry) => entry !== ''),
  );

/** What was read from typed rows, or the sentence that says which row cannot be used. */
export type Rows<Row> =
  { readonly rows: readonly Row[]; readonly fault: null } | { readonly rows: null; readonly fault: string };

/**
 * Reads rows of numbers. A first row of words is a heading: "x_in" says that the numbers are inches.
 * @param counts  numbers that a row may have
 * @param perMm   mm of one unit, where no heading says it
 */
function readRows(text: string, counts: readonly number[], perMm: number): Rows<readonly number[]> {
  const lines = entriesOf(text);
  const heading = lines[0]?.some((entry) => /[a-z]/i.test(entry)) ? lines[0].join(' ') : null;
  const unit =
    heading === null ? null : /_in\b/i.test(heading) ? MM_PER_INCH : /_mm\b/i.test(heading) ? 1 : null;
  const factor = unit ?? perMm;
  const rows: (readonly number[])[] = [];
  for (const [i, entries] of lines.slice(heading === null ? 0 : 1).entries()) {
    const at = i + (heading === null ? 1 : 2);
    const values = entries.map((entry) => readNumber(entry.replace(',', '.')));
    if (!counts.includes(values.length))
      return { rows: null, fault: `Row ${at}: ${counts.join(' or ')} numbers, not ${values.length}.` };
    if (values.some((value) => value === null || !Number.isFinite(value) || Math.abs(value * factor) > 1000))
      return { rows: null, fault: `Row ${at} has something that is no number, or is beyond 1000 mm.` };
    rows.push(values.map((value, k) => (k < 2 ? value! * factor : value!)));
  }
  return { rows, fault: null };
}

/**
 * Corners typed as rows: x, y and, where an arc goes on to the next corner, its radius (minus turns right).
 * @param perUnit  mm of one unit of what is typed
 */
export function readCorners(text: string, perUnit: number): Rows<Corner> {
  const read = readRows(text, [2, 3], perUnit);
  if (read.rows === null) return read;
  if (read.rows.length < 2) return { rows: null, fault: 'Two corners at least, one on each row.' };
  if (read.rows.length > 400) return { rows: null, fault: 'No more than 400 corners.' };
  const corners: Corner[] = [];
  for (const [i, row] of read.rows.entries()) {
    const at: PlanePoint = [row[0]!, row[1]!];
    const next = read.rows[i + 1];
    const radius = (row[2] ?? 0) * perUnit;
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
export function readPoints(text: string, perUnit: number): Rows<PlanePoint> {
  const read = readRows(text, [2, 3, 4], perUnit);
  if (read.rows === null) return read;
  if (read.rows.length < 2) return { rows: null, fault: 'Two points at least, one on each row.' };
  if (read.rows.length > 2000)
    return { rows: null, fault: `${read.rows.length} points are more than 2000: thin them out.` };
  return { rows: read.rows.map((row): PlanePoint => [row[0]!, row[1]!]), fault: null };
}

const number = (value: number): string => String(Number(value.toFixed(5)));

/** The corners of a profile as rows that can be typed again. */
export const cornerText = (corners: Profile, perUnit: number): string =>
  corners
    .map(([x, y, bulge], i) => {
      const next = corners[i + 1];
      const place = `${number(x / perUnit)} ${number(y / perUnit)}`;
      if (bulge === 0 || !next) return place;
      return `${place} ${number(radiusOfBulge(distanceOf([x, y], [next[0], next[1]]), bulge) / perUnit)}`;
    })
    .join('\n');

/** Points as rows. */
export const pointText = (points: readonly PlanePoint[], perUnit: number): string =>
  points.map(([x, y]) => `${number(x / perUnit)} ${number(y / perUnit)}`).join('\n');

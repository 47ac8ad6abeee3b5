import type { Stored } from '@pike-stone/contract';
import { factsOf, type Body } from '@pike-stone/contract';
import Papa from 'papaparse';
import { get, set } from 'react-hook-form';
import { validate as isUuid } from 'uuid';
import type { Metals } from '../../../data/metals';
import { cellOf, columnsOf, readCell, type Column, type CsvKind } from './csv-cells';

export const MOST_ROWS = 5_000;

/** Records as a CSV file: one row each, sizes in millimetres; nothing in it is run by a spreadsheet. */
export function toCsv<K extends CsvKind>(kind: K, records: readonly Stored<K>[], metals: Metals): string {
  const paths = columnsOf(kind, metals).map(({ path }) => path);
  return Papa.unparse(
    {
      fields: ['id', ...paths],
      data: records.map(({ id, body }) => [id, ...paths.map((path) => cellOf(get(body, path)))]),
    },
    { escapeFormulae: true, newline: '\r\n' },
  );
}

export interface CsvFault {
  /** Line of the file, the heading being the first. */
  readonly line: number;
  readonly column: string;
  readonly text: string;
}

/** A row that can be taken in. */
export interface CsvRow<K extends CsvKind> {
  readonly line: number;
  readonly id: string | null;
  /** Version of the record that it changes; 0 for a new one. */
  readonly version: number;
  readonly body: Body<K>;
}

export interface CsvRead<K extends CsvKind> {
  readonly rows: readonly CsvRow<K>[];
  readonly faults: readonly CsvFault[];
  /** Columns that nothing is known of; they are left out. */
  readonly unknown: readonly string[];
  /** Rows that are in the drawer already, just so. */
  readonly same: number;
}

/**
 * Reads a CSV file without changing anything: every row is checked as its form would,
 * each fault with its line and column. Rows with the id of a record change it.
 */
export function readCsv<K extends CsvKind>(
  kind: K,
  text: string,
  records: readonly Stored<K>[],
  metals: Metals,
): CsvRead<K> {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim(),
  });
  const columns = columnsOf(kind, metals);
  const known = new Map(records.map((record) => [record.id, record]));
  const headers = parsed.meta.fields ?? [];
  const unknown = headers.filter((name) => name !== 'id' && !columns.some(({ path }) => path === name));
  const rows: CsvRow<K>[] = [];
  const faults: CsvFault[] = [];
  let same = 0;
  if (parsed.data.length > MOST_ROWS)
    return { rows, same, unknown, faults: [{ line: 1, column: '', text: `More than ${MOST_ROWS} rows.` }] };
  if (!headers.includes('name'))
    return {
      rows,
      same,
      unknown,
      faults: [{ line: 1, column: 'name', text: 'The heading row has no column “name”.' }],
    };
  const seen = new Set<string>();
  parsed.data.forEach((row, i) => {
    const line = i + 2;
    const own: CsvFault[] = [];
    const id = (row.id ?? '').trim();
    if (id !== '' && !isUuid(id))
      own.push({ line, column: 'id', text: 'Not an id of ours: leave it empty for a new one.' });
    if (id !== '' && seen.has(id))
      own.push({ line, column: 'id', text: 'The same id stands twice in this file.' });
    seen.add(id);
    const record = known.get(id);
    const body = bodyOf(row, columns, record?.body, line, own);
    const read = factsOf(kind).body.safeParse(body);
    for (const { path, message } of read.error?.issues ?? [])
      if (!own.some(({ column }) => column === path.join('.')))
        own.push({ line, column: path.join('.'), text: message });
    if (own.length > 0) faults.push(...own);
    else if (record && JSON.stringify(sorted(record.body)) === JSON.stringify(sorted(read.data))) same += 1;
    else
      rows.push({
        line,
        id: id === '' ? null : id,
        version: record?.version ?? 0,
        body: read.data as Body<K>,
      });
  });
  return { rows, faults, unknown, same };
}

const sorted = (body: unknown) => Object.fromEntries(Object.entries(Object(body)).sort());

/** The body of a row; columns that the file does not have keep what the record holds. */
function bodyOf(
  row: Readonly<Record<string, string>>,
  columns: readonly Column[],
  stored: unknown,
  line: number,
  faults: CsvFault[],
): Record<string, unknown> {
  const body: Record<string, unknown> = {
    note: '',
    dull: false,
    uncertain: false,
    ...structuredClone(Object(stored)),
  };
  for (const column of columns) {
    const cell = row[column.path];
    if (cell === undefined) continue;
    const read = readCell(column, cell);
    if ('fault' in read) faults.push({ line, column: column.path, text: read.fault });
    else set(body, column.path, read.value);
  }
  return body;
}

/** The faults of a file as a file, so that they can be mended line by line. */
export const faultsCsv = (faults: readonly CsvFault[]): string =>
  Papa.unparse(
    {
      fields: ['line', 'column', 'fault'],
      data: faults.map(({ line, column, text }) => [line, column, text]),
    },
    { escapeFormulae: true, newline: '\r\n' },
  );

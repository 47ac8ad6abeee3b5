import type { DrawerKind } from '@pike-stone/contract';
import { readLength, readNumber } from '@pike-stone/core';
import type { Metals } from '../../../data/metals';
import type { FieldSpec } from '../form-spec';
import { specOf } from '../specs';

/** Kinds that are written as one row each; machines and metals hold lists and are kept as files of their own. */
export const CSV_KINDS = ['tools', 'supplies', 'stock'] as const satisfies readonly DrawerKind[];
export type CsvKind = (typeof CSV_KINDS)[number];

export type Column = Exclude<FieldSpec, { type: 'steps' | 'range' | 'lengths' }>;

/** The columns of a kind: every field of its form, whatever the kind of tool, in the form's order. */
export function columnsOf(kind: CsvKind, metals: Metals): readonly Column[] {
  const spec = specOf(kind);
  const groups = [...spec.groups(spec.fresh[0]!.body, metals), ...(spec.others?.groups ?? [])];
  const byPath = new Map<string, Column>();
  for (const field of groups.flatMap((group) => group.fields))
    if (
      field.type !== 'steps'
      && field.type !== 'range'
      && field.type !== 'lengths'
      && !byPath.has(field.path)
    )
      byPath.set(field.path, field);
  return [...byPath.values()];
}

/** A value as it stands in its cell. */
export function cellOf(value: unknown): string | number {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' || typeof value === 'number' ? value : '';
}

/** Cells that a spreadsheet would take for a formula; a quote in front makes them text. */
const FORMULA = /^'(?=[=+\-@\t\r])/;

const YES = /^(yes|y|true|1|x)$/i;
const NO = /^(no|n|false|0)?$/i;

/** Reads a cell as the field of its column would be, or says why it cannot be. */
export function readCell(
  column: Column,
  typed: string,
): { readonly value: unknown } | { readonly fault: string } {
  const text = typed.replace(FORMULA, '').trim();
  switch (column.type) {
    case 'text':
      // A note may be empty; a name or a place that is empty is not there.
      return { value: text === '' && column.path !== 'note' ? undefined : text };
    case 'tick':
      if (YES.test(text)) return { value: true };
      return NO.test(text) ? { value: false } : { fault: 'Must be yes or no.' };
    case 'number':
      return readCellNumber(text);
    case 'choice':
      if (text === '') return { value: undefined };
      return column.numeric ? readCellNumber(text) : { value: text };
    case 'length': {
      if (text === '') return { value: undefined };
      if (column.optionalZero && Number(text) === 0) return { value: 0 };
      const entry = readLength(text, 'mm', column.drill ? 'drill' : 'diameter');
      return entry.status === 'ok'
        ? { value: entry.valueMm }
        : { fault: 'Cannot be read as a size: 12, 1/2 in, 10 thou.' };
    }
  }
}

function readCellNumber(text: string): { readonly value: unknown } | { readonly fault: string } {
  if (text === '') return { value: undefined };
  const value = readNumber(text);
  return value === null ? { fault: 'Must be a number.' } : { value };
}

import { readLength } from '@pike-stone/core';
import { type UnitSystem, faultOf, unitOf } from '@pike-stone/words';
import { get, set, type FieldErrors, type FieldValues } from 'react-hook-form';
import type { ZodType } from 'zod';

/** How one part of a record is typed. */
export type FieldSpec =
  | { readonly type: 'text'; readonly path: string; readonly label: string; readonly lines?: number }
  | {
      readonly type: 'number';
      readonly path: string;
      readonly label: string;
      readonly about?: string;
      readonly start?: string;
      /** The part of the record that is not there at all while this is empty. */ readonly makes?: string;
    }
  | {
      readonly type: 'length';
      readonly path: string;
      readonly label: string;
      readonly about?: string;
      readonly drill?: boolean;
      readonly optionalZero?: boolean;
      /** May be left empty: not known. */ readonly optional?: boolean;
      /** As with a number. */ readonly makes?: string;
    }
  | { readonly type: 'lengths'; readonly path: string; readonly label: string; readonly about?: string }
  | {
      readonly type: 'choice';
      readonly path: string;
      readonly label: string;
      readonly options: readonly { readonly value: string; readonly label: string }[];
      readonly about?: string;
      /** Too many to stand side by side. */ readonly long?: boolean;
      readonly start?: string;
      /** The record holds a number. */ readonly numeric?: boolean;
    }
  | { readonly type: 'tick'; readonly path: string; readonly label: string; readonly about?: string }
  | {
      readonly type: 'steps';
      readonly path: string;
      readonly label: string;
      readonly valueKey: 'rpm' | 'value';
      readonly valueLabel: string;
      readonly about?: string;
      readonly lengthPer?: string;
    }
  | { readonly type: 'range'; readonly path: string; readonly label: string };

/** Every record has both. */
export const NAME: FieldSpec = { type: 'text', path: 'name', label: 'Name' };
export const NOTE: FieldSpec = { type: 'text', path: 'note', label: 'Note', lines: 3 };

export interface FormGroup {
  readonly title: string;
  readonly fields: readonly FieldSpec[];
}

/** What stands in the fields: words and figures as they were typed. */
export type Raw = Record<string, unknown>;
type Row = Record<string, string>;

const fieldsOf = (groups: readonly FormGroup[]): FieldSpec[] => groups.flatMap((group) => group.fields);
const trimmed = (value: number, places: number): string => String(Number(value.toFixed(places)));

/** A stored size as it would be typed again. */
const lengthText = (mm: number, units: UnitSystem): string =>
  units === 'mm' ? trimmed(mm, 4) : trimmed(mm / 25.4, 5);

/** Fills the fields from a record. */
export function toRaw(body: FieldValues, groups: readonly FormGroup[], units: UnitSystem): Raw {
  const raw = structuredClone(body) as Raw;
  for (const field of fieldsOf(groups)) {
    const value: unknown = get(body, field.path);
    if (field.type === 'length')
      set(raw, field.path, value === undefined ? '' : lengthText(value as number, units));
    if (field.type === 'lengths')
      set(
        raw,
        field.path,
        ((value as number[] | undefined) ?? []).map((mm) => lengthText(mm, units)).join('; '),
      );
    if (field.type === 'number')
      set(raw, field.path, value === undefined ? (field.start ?? '') : String(value));
    if (field.type === 'choice' && (field.numeric || value === undefined))
      set(raw, field.path, String(value ?? field.start ?? ''));
    if (field.type === 'range') set(raw, field.path, Array.isArray(value) ? value.map(String) : ['', '']);
    if (field.type === 'steps') {
      const show = (n: number) => (field.lengthPer ? lengthText(n, units) : String(n));
      set(
        raw,
        field.path,
        (value as FieldValues[]).map((step) => ({
          [field.valueKey]: show(step[field.valueKey] as number),
          setting: step.setting as string,
        })),
      );
    }
  }
  return raw;
}

export interface ReadForm {
  readonly body: FieldValues;
  readonly faults: Readonly<Record<string, string>>;
}

const number = (text: string): number | undefined => {
  const plain = text.trim().replace(',', '.');
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : undefined;
};

/** Reads the fields back. What was not touched keeps its stored value to the last digit. */
export function fromRaw(
  raw: Raw,
  groups: readonly FormGroup[],
  units: UnitSystem,
  stored: FieldValues,
): ReadForm {
  // What the kind at hand does not ask for keeps its stored value.
  const body = structuredClone(stored);
  const faults: Record<string, string> = {};
  const untouched = toRaw(stored, groups, units);
  const length = (
    text: string,
    path: string,
    options: { drill?: boolean | undefined; zero?: boolean | undefined; optional?: boolean | undefined } = {},
  ): number | undefined => {
    if (text === get(untouched, path)) return get(stored, path) as number;
    if (options.optional && text.trim() === '') return undefined;
    if (options.zero && number(text) === 0) return 0;
    const entry = readLength(text, unitOf(units), options.drill ? 'drill' : 'diameter');
    if (entry.status === 'ok') return entry.valueMm;
    faults[path] =
      entry.status === 'ambiguous'
        ? 'Two ways to read that. Add the unit: mm, in or thou.'
        : (faultOf(entry, { lowMm: 0, highMm: Infinity }, units) ?? '');
    return undefined;
  };
  /** Several sizes, a semicolon between: 6; 10; 1/2. */
  const lengths = (text: string, path: string): number[] | undefined => {
    if (text === get(untouched, path)) return get(stored, path) as number[] | undefined;
    const entries = text
      .split(/[;\n]/)
      .map((one) => one.trim())
      .filter(Boolean)
      .map((one) => readLength(one, unitOf(units)));
    const odd = entries.findIndex((entry) => entry.status !== 'ok');
    if (odd >= 0) faults[path] = `Size ${odd + 1} cannot be read. Put a semicolon between sizes: 6; 10; 1/2.`;
    return entries.length === 0 || odd >= 0
      ? undefined
      : entries.flatMap((entry) => (entry.status === 'ok' ? [entry.valueMm] : []));
  };
  for (const field of fieldsOf(groups)) {
    const typed: unknown = get(raw, field.path);
    if (field.type === 'text' || field.type === 'tick' || (field.type === 'choice' && !field.numeric))
      set(body, field.path, typed);
    if (field.type === 'length')
      set(
        body,
        field.path,
        length(String(typed ?? ''), field.path, {
          drill: field.drill,
          zero: field.optionalZero,
          optional: field.optional,
        }),
      );
    if (field.type === 'lengths') set(body, field.path, lengths(String(typed ?? ''), field.path));
    if (field.type === 'choice' && field.numeric) set(body, field.path, number(String(typed ?? '')));
    if (field.type === 'number') set(body, field.path, number(String(typed ?? '')));
    if (field.type === 'range') {
      const ends = typed as string[];
      set(
        body,
        field.path,
        ends.every((end) => end.trim() === '') ? undefined : ends.map((end) => number(end)),
      );
    }
    if (field.type === 'steps') {
      set(
        body,
        field.path,
        (typed as Row[]).map((row, i) => {
          const path = `${field.path}.${i}.${field.valueKey}`;
          const text = row[field.valueKey] ?? '';
          // A step that keeps its value keeps what else is known of it.
          const shown = get(untouched, field.path) as Row[];
          const known = (get(stored, field.path) as FieldValues[])[
            shown.findIndex((one) => one[field.valueKey] === text)
          ];
          return {
            ...known,
            [field.valueKey]: field.lengthPer ? length(text, path) : number(text),
            setting: row.setting,
          };
        }),
      );
    }
  }
  for (const field of fieldsOf(groups))
    if (
      (field.type === 'number' || field.type === 'length')
      && field.makes
      && String(get(raw, field.path) ?? '').trim() === ''
    )
      set(body, field.makes, undefined);
  return { body, faults };
}

/** Puts the rows of every list in rising order, unreadable ones last. */
export function sortedSteps(raw: Raw, groups: readonly FormGroup[]): Raw {
  const next = structuredClone(raw);
  for (const field of fieldsOf(groups)) {
    if (field.type !== 'steps') continue;
    const rows = get(next, field.path) as Row[];
    set(
      next,
      field.path,
      [...rows].sort(
        (a, b) =>
          (number(a[field.valueKey] ?? '') ?? Infinity) - (number(b[field.valueKey] ?? '') ?? Infinity),
      ),
    );
  }
  return next;
}

/** Checks the fields as the server will, each sentence at its own field. */
export function resolverFor(
  schema: ZodType,
  groups: () => readonly FormGroup[],
  units: UnitSystem,
  stored: FieldValues,
) {
  return (raw: Raw) => {
    const { body, faults } = fromRaw(raw, groups(), units, stored);
    const read = schema.safeParse(body);
    const errors: FieldErrors = {};
    if (!read.success)
      for (const issue of read.error.issues)
        if (!get(errors, issue.path.join('.')))
          set(errors, issue.path.join('.'), { type: 'check', message: issue.message });
    for (const [path, message] of Object.entries(faults)) set(errors, path, { type: 'read', message });
    const clean = Object.keys(errors).length === 0;
    return clean ? { values: read.data as Raw, errors: {} } : { values: {}, errors };
  };
}

import { readLength, readNumber } from '@pike-stone/core';
import { unitOf, type UnitSystem } from '@pike-stone/words';
import { get, set, type FieldErrors, type FieldValues, type ResolverResult } from 'react-hook-form';
import type { ZodType } from 'zod';
import { lengthText, sizeFault } from '../figures/read-figure';
import type { FieldSpec, FormGroup, Raw } from './form-spec';

type Of<Type extends FieldSpec['type']> = Extract<FieldSpec, { type: Type }>;

const fieldsOf = (groups: readonly FormGroup[]): FieldSpec[] => groups.flatMap((group) => group.fields);

const number = (text: string): number | undefined => readNumber(text) ?? undefined;
const textOf = (value: unknown): string => String(value ?? '');
const isNumber = (value: unknown): value is number => typeof value === 'number';
const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);
const rowsOf = (value: unknown): FieldValues[] =>
  listOf(value).filter((row): row is FieldValues => typeof row === 'object' && row !== null);

/** A stored value as it stands in its field. */
function shown(field: FieldSpec, value: unknown, units: UnitSystem): unknown {
  switch (field.type) {
    case 'length':
      return isNumber(value) ? lengthText(value, units) : '';
    case 'lengths':
      return listOf(value)
        .filter(isNumber)
        .map((mm) => lengthText(mm, units))
        .join('; ');
    case 'number':
      return textOf(value ?? field.start);
    case 'choice':
      return field.numeric ? textOf(value ?? field.start) : (value ?? field.start ?? '');
    case 'range':
      return Array.isArray(value) ? value.map(String) : ['', ''];
    case 'steps':
      return rowsOf(value).map((step) => shownStep(field, step, units));
    default:
      return value;
  }
}

function shownStep({ valueKey, lengthPer }: Of<'steps'>, step: FieldValues, units: UnitSystem) {
  const value: unknown = step[valueKey];
  return {
    [valueKey]: lengthPer && isNumber(value) ? lengthText(value, units) : textOf(value),
    setting: textOf(step.setting),
  };
}

/** Fills the fields from a record. */
export function toRaw(body: FieldValues, groups: readonly FormGroup[], units: UnitSystem): Raw {
  const raw: Raw = structuredClone(body);
  for (const field of fieldsOf(groups)) {
    const text = shown(field, get(body, field.path), units);
    if (text !== undefined) set(raw, field.path, text);
  }
  return raw;
}

export interface ReadForm {
  readonly body: FieldValues;
  /** A sentence for each path that cannot be read. */
  readonly faults: Readonly<Record<string, string>>;
}

/** A form while its fields are read: what was stored, and how that was shown before anything was typed. */
interface Reading {
  readonly units: UnitSystem;
  readonly stored: FieldValues;
  readonly untouched: Raw;
  readonly faults: Record<string, string>;
}

function readSize(text: string, path: string, form: Reading, use: 'drill' | 'diameter'): number | undefined {
  const entry = readLength(text, unitOf(form.units), use);
  if (entry.status === 'ok') return entry.valueMm;
  form.faults[path] = sizeFault(entry, { lowMm: 0, highMm: Infinity }, form.units) ?? '';
  return undefined;
}

function readLengthField(field: Of<'length'>, text: string, form: Reading): unknown {
  const { path, optional, optionalZero, drill } = field;
  if (text === get(form.untouched, path)) return get(form.stored, path);
  if (optional && text.trim() === '') return undefined;
  if (optionalZero && number(text) === 0) return 0;
  return readSize(text, path, form, drill ? 'drill' : 'diameter');
}

/** Several sizes, a semicolon between: 6; 10; 1/2. */
function readLengths(path: string, text: string, form: Reading): unknown {
  if (text === get(form.untouched, path)) return get(form.stored, path);
  const entries = text
    .split(/[;\n]/)
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => readLength(one, unitOf(form.units)));
  const sizes = entries.flatMap((entry) => (entry.status === 'ok' ? [entry.valueMm] : []));
  if (sizes.length < entries.length) {
    const odd = entries.findIndex(({ status }) => status !== 'ok') + 1;
    form.faults[path] = `Size ${odd} cannot be read. Put a semicolon between sizes: 6; 10; 1/2.`;
    return undefined;
  }
  return sizes.length === 0 ? undefined : sizes;
}

/** The rows of a list of steps. A step whose value was not touched keeps what else is known of it. */
function readSteps(field: Of<'steps'>, typed: unknown, form: Reading): FieldValues[] {
  const { path, valueKey, lengthPer } = field;
  const before = rowsOf(get(form.untouched, path));
  const stored = rowsOf(get(form.stored, path));
  return rowsOf(typed).map((row, i) => {
    const { setting } = row;
    const text = textOf(row[valueKey]);
    const known = stored[before.findIndex((one) => one[valueKey] === text)];
    if (known) return { ...known, setting };
    const value = lengthPer ? readSize(text, `${path}.${i}.${valueKey}`, form, 'diameter') : number(text);
    return { [valueKey]: value, setting };
  });
}

function readRange(typed: unknown): unknown {
  const ends = listOf(typed).map(textOf);
  return ends.every((end) => end.trim() === '') ? undefined : ends.map(number);
}

/** What was typed into a field, as the record holds it. */
function readField(field: FieldSpec, typed: unknown, form: Reading): unknown {
  switch (field.type) {
    case 'length':
      return readLengthField(field, textOf(typed), form);
    case 'lengths':
      return readLengths(field.path, textOf(typed), form);
    case 'number':
      return number(textOf(typed));
    case 'choice':
      return field.numeric ? number(textOf(typed)) : typed;
    case 'range':
      return readRange(typed);
    case 'steps':
      return readSteps(field, typed, form);
    default:
      return typed;
  }
}

/**
 * Reads the fields back into a record. What was not touched keeps its stored value to
 * the last digit, and so does what the kind at hand does not ask for.
 */
export function fromRaw(
  raw: Raw,
  groups: readonly FormGroup[],
  units: UnitSystem,
  stored: FieldValues,
): ReadForm {
  const body = structuredClone(stored);
  const form: Reading = { units, stored, untouched: toRaw(stored, groups, units), faults: {} };
  const fields = fieldsOf(groups);
  for (const field of fields) set(body, field.path, readField(field, get(raw, field.path), form));
  for (const field of fields)
    if ('makes' in field && field.makes && textOf(get(raw, field.path)).trim() === '')
      set(body, field.makes, undefined);
  return { body, faults: form.faults };
}

/** Puts the rows of every list in rising order, unreadable ones last. */
export function sortedSteps(raw: Raw, groups: readonly FormGroup[]): Raw {
  const next = structuredClone(raw);
  for (const field of fieldsOf(groups)) {
    if (field.type !== 'steps') continue;
    const valueOf = (row: FieldValues): number => number(textOf(row[field.valueKey])) ?? Infinity;
    set(
      next,
      field.path,
      rowsOf(get(next, field.path)).sort((a, b) => valueOf(a) - valueOf(b)),
    );
  }
  return next;
}

/** Checks the fields as the server will, each sentence at its own field. */
export function resolverFor<Body extends FieldValues>(
  schema: ZodType<Body>,
  groups: () => readonly FormGroup[],
  units: UnitSystem,
  stored: FieldValues,
) {
  return (raw: Raw): ResolverResult<Raw, Body> => {
    const { body, faults } = fromRaw(raw, groups(), units, stored);
    const read = schema.safeParse(body);
    const errors: FieldErrors<Raw> = {};
    for (const { path, message } of read.error?.issues ?? [])
      if (!get(errors, path.join('.'))) set(errors, path.join('.'), { type: 'check', message });
    for (const [path, message] of Object.entries(faults)) set(errors, path, { type: 'read', message });
    return read.success && Object.keys(errors).length === 0
      ? { values: read.data, errors: {} }
      : { values: {}, errors };
  };
}

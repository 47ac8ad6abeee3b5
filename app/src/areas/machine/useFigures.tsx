import { readLength } from '@pike-stone/core';
import { type UnitSystem, faultOf, inBoth, unitOf } from '@pike-stone/words';
import { useState, type ReactNode } from 'react';
import { useUnits } from '../../data/preferences';
import { TextBox } from '../../kit/TextBox';

/** One field for figures: a number, several numbers with blanks between, or a size as machinists write it, read in mm. */
export interface FigureField<Key extends string> {
  readonly key: Key;
  readonly label: string;
  readonly kind: 'number' | 'numbers' | 'size';
  readonly low: number;
  readonly high: number;
  readonly start?: string;
  /** May be left empty. */
  readonly optional?: boolean;
  readonly about?: string;
}

type Reading =
  | { readonly values: readonly number[]; readonly fault?: undefined; readonly said?: string | undefined }
  | { readonly values?: undefined; readonly fault: string };

function read({ kind, low, high, optional }: FigureField<string>, text: string, units: UnitSystem): Reading {
  if (optional && text.trim() === '') return { values: [] };
  if (kind === 'size') {
    if (low <= 0 && text.trim() !== '' && Number(text.replace(',', '.')) === 0) return { values: [0] };
    const entry = readLength(text, unitOf(units));
    const fault = faultOf(entry, { lowMm: low, highMm: high }, units);
    if (fault !== null)
      return {
        fault: entry.status === 'ambiguous' ? 'Two ways to read that. Add the unit: mm, in or thou.' : fault,
      };
    return entry.status === 'ok'
      ? { values: [entry.valueMm], said: entry.readAs === unitOf(units) ? undefined : inBoth(entry.valueMm) }
      : { fault: '' };
  }
  const values = text
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((one) => Number(one.replace(',', '.')));
  const fits =
    values.length > 0
    && (kind === 'numbers' || values.length === 1)
    && values.every((value) => value >= low && value <= high);
  if (fits) return { values };
  return {
    fault:
      kind === 'numbers'
        ? `Numbers from ${low} to ${high}, with a blank between.`
        : `Must be a number from ${low} to ${high}.`,
  };
}

/** The figures that were read, by the key of their field. */
type Figures<Key extends string> = Readonly<Record<Key, readonly number[]>>;

/** Whether every field could be read. */
const areRead = <Key extends string>(
  figures: Readonly<Record<string, readonly number[] | undefined>>,
  fields: readonly FigureField<Key>[],
): figures is Figures<Key> => fields.every(({ key }) => figures[key] !== undefined);

/** The fields of a few figures, each with its own sentence when it cannot be used; nothing typed is lost. */
export function useFigures<Key extends string>(fields: readonly FigureField<Key>[]) {
  const units = useUnits();
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(fields.map(({ key, start = '' }) => [key, start])),
  );
  const [asked, setAsked] = useState(false);
  const readings = fields.map((field) => ({
    field,
    text: texts[field.key] ?? '',
    reading: read(field, texts[field.key] ?? '', units),
  }));
  const set = (key: Key, text: string): void => setTexts((before) => ({ ...before, [key]: text }));
  const boxes: ReactNode = readings.map(({ field, text, reading }) => (
    <TextBox
      key={field.key}
      figures
      label={field.kind === 'size' ? `${field.label} (${unitOf(units)})` : field.label}
      value={text}
      onChange={(next) => set(field.key, next)}
      fault={asked ? reading.fault : undefined}
      reading={(reading.values && text !== '' ? reading.said : undefined) ?? field.about}
    />
  ));
  /** The figures when all of them can be used; else null, and every sentence is shown. */
  const take = (): Figures<Key> | null => {
    setAsked(true);
    const figures = Object.fromEntries(readings.map(({ field, reading }) => [field.key, reading.values]));
    return areRead(figures, fields) ? figures : null;
  };
  /** The figures of one field, when it can be read. */
  const peek = (key: Key): readonly number[] | undefined =>
    readings.find(({ field }) => field.key === key)?.reading.values;
  return { boxes, set, take, peek };
}

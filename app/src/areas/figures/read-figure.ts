import { readLength, readNumber, type LengthEntry } from '@pike-stone/core';
import { faultOf, inBoth, unitOf, type UnitSystem } from '@pike-stone/words';

/**
 * What a figure may be: a number, several numbers with blanks between, or a size as machinists write it,
 * read in mm. A size whose least is below 0 may have a minus before it.
 */
export interface FigureKind {
  readonly kind: 'number' | 'whole' | 'numbers' | 'size';
  readonly low: number;
  readonly high: number;
  /** May be left empty. */
  readonly optional?: boolean;
  /** What a size under the least would be, where that says more than the limits do. */
  readonly under?: string;
}

export type FigureReading =
  | { readonly values: readonly number[]; readonly fault?: undefined; readonly said?: string | undefined }
  | { readonly values?: undefined; readonly fault: string };

/** Reads what was typed; where it cannot be used, the sentence that says why. */
export function readFigure(of: FigureKind, text: string, units: UnitSystem): FigureReading {
  if (of.optional && text.trim() === '') return { values: [] };
  switch (of.kind) {
    case 'size':
      return readSize(of, text, units);
    case 'numbers':
      return readNumbers(of, text);
    default: {
      const { value, fault } = readWithin(text, of.low, of.high, of.kind === 'whole');
      return value === null ? { fault } : { values: [value] };
    }
  }
}

export type NumberReading =
  { readonly value: number; readonly fault?: undefined } | { readonly value: null; readonly fault: string };

/** One number within its ends, or the sentence why it cannot be used. */
export function readWithin(text: string, low: number, high: number, isWhole = false): NumberReading {
  const value = readNumber(text);
  if (value !== null && value >= low && value <= high && (!isWhole || Number.isInteger(value)))
    return { value };
  return { value: null, fault: `Must be a ${isWhole ? 'whole ' : ''}number from ${low} to ${high}.` };
}

/** Why a typed size cannot be used; null when it can. */
export const sizeFault = (
  entry: LengthEntry,
  limits: { readonly lowMm: number; readonly highMm: number },
  units: UnitSystem,
): string | null =>
  entry.status === 'ambiguous'
    ? 'Two ways to read that. Add the unit: mm, in or thou.'
    : faultOf(entry, limits, units);

const trimmed = (value: number, places: number): string => String(Number(value.toFixed(places)));

/** A size as it would be typed again. */
export const lengthText = (mm: number, units: UnitSystem): string =>
  units === 'mm' ? trimmed(mm, 4) : trimmed(mm / 25.4, 5);

/** A size with a minus before it: a height below an axis. */
function readSigned(text: string, units: UnitSystem): LengthEntry {
  const [, minus, size = ''] = /^\s*([-−]?)(.*)$/s.exec(text) ?? [];
  const entry = readLength(size, unitOf(units));
  return minus !== '' && entry.status === 'ok' ? { ...entry, valueMm: -entry.valueMm } : entry;
}

function readSize({ low, high, under }: FigureKind, text: string, units: UnitSystem): FigureReading {
  if (low <= 0 && readNumber(text) === 0) return { values: [0] };
  const entry = low < 0 ? readSigned(text, units) : readLength(text, unitOf(units));
  const fault = sizeFault(entry, { lowMm: low, highMm: high }, units);
  if (fault !== null)
    return { fault: under !== undefined && entry.status === 'ok' && entry.valueMm < low ? under : fault };
  return entry.status === 'ok'
    ? { values: [entry.valueMm], said: entry.readAs === unitOf(units) ? undefined : inBoth(entry.valueMm) }
    : { fault: '' };
}

function readNumbers({ low, high }: FigureKind, text: string): FigureReading {
  const values = text
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((one) => readWithin(one, low, high).value);
  const read = values.filter((value): value is number => value !== null);
  return read.length > 0 && read.length === values.length
    ? { values: read }
    : { fault: `Numbers from ${low} to ${high}, with a blank between.` };
}

import { drillSize } from './drill-sizes';

export type LengthUnit = 'mm' | 'in';
export type ReadAs =
  'mm' | 'in' | 'cm' | 'um' | 'thou' | 'tenths' | 'fraction-in' | 'number-drill' | 'letter-drill';
export type RefusalReason =
  | 'empty'
  | 'too-long'
  | 'drill-out-of-range'
  | 'thread'
  | 'not-positive'
  | 'denominator'
  | 'fraction-form'
  | 'unknown-unit'
  | 'not-a-number';

export type LengthEntry =
  | { readonly status: 'ok'; readonly valueMm: number; readonly readAs: ReadAs }
  | { readonly status: 'ambiguous'; readonly candidatesMm: readonly number[] }
  | { readonly status: 'refused'; readonly reason: RefusalReason };

const LONGEST = 40;
const INCH = 25.4;
const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
const DENOMINATORS = new Set([2, 4, 8, 16, 32, 64, 128]);
/** `1/4-20` is a thread; `1-1/4` is a mixed number. */
const THREAD =
  /^(?:m\d+(?:[.,]\d+)?(?:\s*x\s*\d*[.,]?\d+)?|(?:#\s*)?\d+(?:\/\d+)?-\d+(?:\s*(?:unc|unf|un))?|#?\d+(?:\/\d+)?\s*(?:unc|unf|un))$/i;
const UNIT_AT_END = /\s*(mm|cm|inches|inch|in\.|in|"|thou|um|microns?|mils?|tenths?)$/i;
const FRACTION = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/;
const DECIMAL = /^(?:\d+[.,]?\d*|[.,]\d+)$/;
const COMMA_OF_THREE = /^[1-9]\d{0,2},\d{3}$/;

type UnitWord = 'mm' | 'cm' | 'in' | 'thou' | 'um' | 'mil' | 'tenth';

const ok = (valueMm: number, readAs: ReadAs): LengthEntry => ({ status: 'ok', valueMm, readAs });
const refused = (reason: RefusalReason): LengthEntry => ({ status: 'refused', reason });
/** What a size may be, from the smallest on. */
const ambiguous = (...candidatesMm: readonly number[]): LengthEntry => ({
  status: 'ambiguous',
  candidatesMm,
});

/**
 * Reads a positive length as a machinist writes it.
 *
 * Fractions, thou, tenths, number and letter drills, decimal comma or point,
 * inch and metric unit marks. Never guesses: what two shops would read
 * differently comes back as `ambiguous` with the candidates in mm.
 *
 * @param text         what was typed, at most 40 characters
 * @param defaultUnit  unit of a number that carries none
 * @param field        `drill` when a bare whole number may be a number drill
 *
 * @example readLength('5/8', 'mm')  // { status: 'ok', valueMm: 15.875, readAs: 'fraction-in' }
 * @example readLength('1,250', 'in') // ambiguous: 31.75 mm or 31750 mm
 */
export function readLength(
  text: string,
  defaultUnit: LengthUnit,
  field: 'diameter' | 'drill' = 'diameter',
): LengthEntry {
  if (text.length > LONGEST) return refused('too-long');
  const plain = tidy(text);
  if (plain === '') return refused('empty');

  const drill = drillSize(plain);
  if (drill.status === 'ok') return ok(drill.diameterMm, drill.kind);
  if (drill.reason === 'drill-out-of-range') return refused('drill-out-of-range');
  if (THREAD.test(plain)) return refused('thread');

  const unitMark = UNIT_AT_END.exec(plain);
  const unit = unitMark ? unitWord(unitMark[1]!) : null;
  const number = (unitMark ? plain.slice(0, unitMark.index) : plain).trim();
  if (number.startsWith('-') && /\d/.test(number)) return refused('not-positive');
  if (number.includes('/')) return readFraction(number, unit);
  return readDecimal(number, unit, defaultUnit, field);
}

/** One space between words, plain fraction and inch signs, no diameter sign. */
function tidy(text: string): string {
  return text
    .replace(
      /(\d?)\s*([½¼¾⅛⅜⅝⅞])/g,
      (_, digit: string, sign: string) => (digit ? `${digit} ` : '') + VULGAR[sign],
    )
    .replace(/[“”″]|''|’’|′′/g, '"')
    .replace(/[µμ]/g, 'u')
    .replace(/−/g, '-')
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^(?:ø|⌀|diam?\b\.?)\s*/i, '')
    .replace(/\s*\bdrill$/i, '')
    .trim();
}

function unitWord(mark: string): UnitWord {
  const word = mark.toLowerCase();
  if (word === 'mm' || word === 'cm' || word === 'thou' || word === 'um') return word;
  if (word.startsWith('micron')) return 'um';
  if (word.startsWith('mil')) return 'mil';
  if (word.startsWith('tenth')) return 'tenth';
  return 'in';
}

function readFraction(number: string, unit: UnitWord | null): LengthEntry {
  const parts = FRACTION.exec(number);
  if (!parts) return refused(/^[\d\s/.,-]+$/.test(number) ? 'fraction-form' : 'not-a-number');
  const whole = parts[1] === undefined ? null : Number(parts[1]);
  const top = Number(parts[2]);
  const bottom = Number(parts[3]);
  if (!DENOMINATORS.has(bottom)) return refused('denominator');
  if (whole !== null && top >= bottom) return refused('fraction-form');
  const value = (whole ?? 0) + top / bottom;
  if (value === 0) return refused('not-positive');
  if (unit === null || unit === 'in') return ok(value * INCH, 'fraction-in');
  if (unit === 'mm') return ambiguous(value, value * INCH);
  if (unit === 'cm') return ambiguous(value * 10, value * INCH);
  return refused('fraction-form');
}

function readDecimal(
  number: string,
  unit: UnitWord | null,
  defaultUnit: LengthUnit,
  field: 'diameter' | 'drill',
): LengthEntry {
  if (!DECIMAL.test(number)) {
    return refused(
      unit === null && /^\d+(?:[.,]\d+)?\s*(?:[a-z]+\.?|')$/i.test(number) && !/^\d+e$/i.test(number)
        ? 'unknown-unit'
        : 'not-a-number',
    );
  }
  const value = Number(number.replace(',', '.'));
  if (value === 0) return refused('not-positive');
  if (COMMA_OF_THREE.test(number)) {
    const scale = mmPer(unit ?? defaultUnit);
    return ambiguous(value * scale, value * 1000 * scale);
  }
  if (unit !== null) return withUnit(value, unit, defaultUnit);
  return defaultUnit === 'in' ? bareInch(value, number, field) : bareMetric(value, number);
}

const mmPer = (unit: UnitWord): number =>
  ({ mm: 1, cm: 10, in: INCH, thou: INCH / 1000, mil: INCH / 1000, um: 0.001, tenth: INCH / 10_000 })[unit];

function withUnit(value: number, unit: UnitWord, defaultUnit: LengthUnit): LengthEntry {
  if (unit === 'mil') return ambiguous((value * INCH) / 1000, value);
  if (unit === 'tenth')
    return defaultUnit === 'in'
      ? ok((value * INCH) / 10_000, 'tenths')
      : ambiguous((value * INCH) / 10_000, value * 0.1);
  return ok(value * mmPer(unit), unit);
}

function bareInch(value: number, number: string, field: 'diameter' | 'drill'): LengthEntry {
  const whole = /^\d+$/.test(number);
  if (whole && field === 'drill') {
    const drill = drillSize(`#${value}`);
    if (drill.status === 'ok') return ambiguous(drill.diameterMm, value * INCH);
  }
  if (whole && value >= 40) return ambiguous((value * INCH) / 1000, value, value * INCH);
  return ok(value * INCH, 'in');
}

/** Inch people write `.250`; in a metric field that is worth a question. */
function bareMetric(value: number, number: string): LengthEntry {
  return /^[.]\d{3,}$/.test(number) ? ambiguous(value, value * INCH) : ok(value, 'mm');
}

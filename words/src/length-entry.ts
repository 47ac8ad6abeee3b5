import type { LengthEntry, LengthUnit, RefusalReason } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem } from './format';

const REFUSED: Readonly<Record<RefusalReason, string>> = {
  empty: 'Type a size: 32, 5/8, .250, 10 thou, #7, F.',
  'too-long': 'That is longer than any size. Use up to 40 characters.',
  'drill-out-of-range': 'Number drills go from #1 to #80.',
  thread: 'That is a thread. Type the diameter itself.',
  'not-positive': 'A size must be more than 0.',
  denominator: 'Use halves, quarters, eighths, 16ths, 32nds, 64ths or 128ths.',
  'fraction-form': 'Write fractions like 5/8 or 1 1/4.',
  'unknown-unit': 'Use mm, cm, in, thou or a plain number.',
  'not-a-number': 'That cannot be read as a size. Try 32, 5/8, .250 or 10 thou.',
};

export const unitOf = (units: UnitSystem): LengthUnit => (units === 'mm' ? 'mm' : 'in');

/** The size in both units: "15.88 mm = 0.625 in". */
export const inBoth = (mm: number): string =>
  `${joined(formatLength(mm, 'mm'))} = ${joined(formatLength(mm, 'inch'))}`;

export interface SizeLimits {
  readonly lowMm: number;
  readonly highMm: number;
}

/** The error sentence of an entry that is not a size or is out of range; null when it is fine. */
export function faultOf(entry: LengthEntry, { lowMm, highMm }: SizeLimits, units: UnitSystem): string | null {
  if (entry.status === 'refused') return REFUSED[entry.reason];
  if (entry.status === 'ambiguous') return 'Two ways to read that: choose one.';
  if (entry.valueMm < lowMm || entry.valueMm > highMm) {
    return `Must be from ${formatLength(lowMm, units).figure} to ${joined(formatLength(highMm, units))} here.`;
  }
  return null;
}

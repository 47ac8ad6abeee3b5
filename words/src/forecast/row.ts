import type { FindingLevel } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem } from '../format';

/** One row of the forecast: quantity, value, reasons, and what would change it. */
export interface ForecastRow {
  readonly key: 'limits' | 'power' | 'spring' | 'chip' | 'finish' | 'heat' | 'life' | 'time';
  readonly title: string;
  readonly value: string;
  /** Set when something should be changed. */
  readonly level: Extract<FindingLevel, 'caution' | 'danger'> | null;
  readonly lines: readonly string[];
}

/** A length with its unit. */
export const sayLength = (mm: number, units: UnitSystem): string => joined(formatLength(mm, units));

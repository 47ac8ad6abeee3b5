import type { InstrumentKind } from '@pike-stone/contract';
import type { UnitSystem } from '@pike-stone/words';

/** Unit, decimal places and one step of the display of each instrument. */
interface ShownAs {
  readonly unit: string;
  readonly places: number;
  readonly perUnit: number;
  readonly lastPlace: number;
}

export function shownAs(kind: Exclude<InstrumentKind, 'tachometer'>, units: UnitSystem): ShownAs {
  if (kind === 'caliper')
    return units === 'mm'
      ? { unit: 'mm', places: 2, perUnit: 1, lastPlace: 0.01 }
      : { unit: 'in', places: 3, perUnit: 25.4, lastPlace: 0.01 };
  if (kind === 'balance') return { unit: 'g', places: 2, perUnit: 1, lastPlace: 0.01 };
  return kind === 'ammeter'
    ? { unit: 'A', places: 2, perUnit: 1, lastPlace: 0.01 }
    : { unit: '°', places: 1, perUnit: 1, lastPlace: 0.1 };
}

export const showReading = (value: number, { unit, places, perUnit }: ShownAs): string =>
  `${(value / perUnit).toFixed(places)}\u00a0${unit}`;

/** A value that does not move for this many seconds counts as held still. */
export const STEADY_S = 1.5;

import type { Material } from '@pike-stone/core';
import { isOddEnergy, usualEnergy, type SpoiltTrace, type WelchInterval } from '@pike-stone/core/compare';
import { capital } from '../capital';
import type { UnitSystem } from '../format';
import { raUnit } from './roughness';

/** What two are compared by. */
export const MEASURE_NAMES = {
  power: 'Net power',
  finish: 'Roughness, Ra',
  wear: 'Wear land',
  chip: 'Chip',
} as const;
export type Measure = keyof typeof MEASURE_NAMES;

/** Grades that a chip is judged by, the worst first: their places are what is compared. */
export const CHIP_GRADES = ['winds round', 'long ribbon', 'long helix', 'short helix', 'short arcs'] as const;
/** Named grades of a surface, by roughness, um: what a comparison plate is marked with. */
export const FINISH_GRADES_UM = [0.4, 0.8, 1.6, 3.2, 6.3, 12.5] as const;

/** A measured value of a comparison in the units of the shop. */
export function sayMeasured(value: number, measure: Measure, units: UnitSystem): string {
  switch (measure) {
    case 'power':
      return `${Math.round(value)} W`;
    case 'finish': {
      const { unit, perUm, places } = raUnit(units);
      return `${(value * perUm).toFixed(places)} ${unit}`;
    }
    case 'wear':
      return units === 'mm' ? `${value.toFixed(3)} mm` : `${(value / 25.4).toFixed(4)} in`;
    case 'chip':
      return `${value.toFixed(1)} grades`;
  }
}

const MORE: Readonly<Record<Measure, string>> = {
  power: 'takes more power than',
  finish: 'leaves a rougher surface than',
  wear: 'wears more than',
  chip: 'breaks its chip better than',
};

/**
 * The difference of two with its interval, honestly: what was seen, what was not, and how large a difference
 * would have had to be to be seen.
 */
export function sayDifference(
  { difference, low, high, smallestSeen, verdict }: WelchInterval,
  measure: Measure,
  names: { readonly a: string; readonly b: string },
  units: UnitSystem,
): { readonly claim: string; readonly lines: readonly string[] } {
  const signed = (value: number): string =>
    `${value < 0 ? '−' : '+'}${sayMeasured(Math.abs(value), measure, units)}`;
  const about = `${capital(MEASURE_NAMES[measure].toLowerCase())} of ${names.a} less that of ${names.b}: ${signed(difference)}, between ${signed(low)} and ${signed(high)} (95\u00a0%).`;
  const more = (higher: string, lower: string) => `${higher} ${MORE[measure]} ${lower}.`;
  const claims = {
    'a-higher': more(names.a, names.b),
    'b-higher': more(names.b, names.a),
    'no-difference-that-matters': 'No difference that matters.',
    'no-difference-seen': 'No difference seen.',
  } as const;
  const seen =
    verdict === 'no-difference-seen'
      ? [
          `These readings would have shown one of ${sayMeasured(smallestSeen, measure, units)}; a smaller one may be there.`,
        ]
      : [];
  return { claim: capital(claims[verdict]), lines: [about, ...seen] };
}

const SPOILT_WORDS: Readonly<Record<SpoiltTrace, string>> = {
  clipped:
    'The ammeter was at the top of its range: the cut draws more than it can show. Take a larger range.',
  stale: 'The reading never changed: the ammeter is stuck, asleep, or not on the wire.',
};
export const saySpoilt = (spoilt: SpoiltTrace): string => SPOILT_WORDS[spoilt];

/** Said where a trace has idle and no cut. */
export const NO_CUT_SEEN =
  'No cut is seen in this trace: one level only. Start the trace at idle, then take the cut, a second each at least.';

/** Said where the current changes by less than the ammeter can tell. */
export const BELOW_SIGHT =
  'The current hardly changes: that is below what this ammeter can see. A heavier cut shows, or a wattmeter.';

/** A specific energy that is far from what the metal usually takes; null where it is within. */
export function sayOddEnergy(jMm3: number, metal: Material): string | null {
  if (!isOddEnergy(jMm3, metal)) return null;
  const [low, high] = usualEnergy(metal).map((one) => Number(one.toFixed(1)));
  return `${jMm3.toFixed(1)} J/mm³ is far from the ${low} to ${high} that this metal usually takes: look at feed, depth, volts and the power factor.`;
}

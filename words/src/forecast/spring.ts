import { OPERATIONS, type CutSetup } from '@pike-stone/core';
import { type Forecast } from '@pike-stone/core/forecast';
import { type UnitSystem } from '../format';
import { sayLength, type ForecastRow } from './row';

/** A spring below this cannot be measured in a small shop, mm. */
const NOTICED_MM = 0.005;

/** How far work, cutter or bar gives way, and what that does to the size. */
export function springRow({ spring }: Forecast, setup: CutSetup, units: UnitSystem): ForecastRow | null {
  if (!spring) return null;
  const over = spring.ratio > spring.allowable;
  const noticed = spring.errorMm >= NOTICED_MM;
  return {
    key: 'spring',
    title: { work: 'Work springs away', cutter: 'Cutter leans away', bar: 'Bar springs away' }[spring.what],
    level: over ? 'caution' : null,
    value: !noticed
      ? 'not to be noticed'
      : spring.what === 'work'
        ? `⌀${sayLength(spring.errorMm, units)} too large`
        : spring.what === 'bar'
          ? `⌀${sayLength(spring.errorMm, units)} too small`
          : `wall off by ${sayLength(spring.errorMm, units)}`,
    lines: [
      `Stands out ${spring.ratio.toFixed(1)} diameters; ${spring.allowable} is usual. Jaws and bearings give way too: really 1.3 to 2 times as much on a tired machine.`,
      ...(over
        ? [
            spring.what === 'work'
              ? 'Bring up the tailstock or a steady, or take less depth.'
              : spring.what === 'bar'
                ? 'A thicker bar, shorter out, or a sharper edge with less nose.'
                : 'Shorten it in the collet, or take less depth and width.',
          ]
        : []),
      ...(noticed && OPERATIONS[setup.operation].cutting === 'threading'
        ? ['Finish with spring passes: the last depth again, twice or three times, until it takes no more.']
        : []),
    ],
  };
}

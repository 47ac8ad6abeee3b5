import type { Measured } from '@pike-stone/core/choose';
import { formatLength, joined, type UnitSystem } from '../format';

/** What to measure a tolerance with, and how surely it tells. */
export function sayMeasure(choice: Measured, units: UnitSystem): string {
  if (choice === 'template') return 'A form is held against a template, a gauge or the mating part.';
  if (choice === null) return 'Nothing in a usual toolroom measures this size: a gauge, or the mating part.';
  const { chosen, enough, ratio, acceptWidthMm } = choice;
  const times = `the tolerance is ${ratio < 10 ? ratio.toFixed(1) : Math.round(ratio)} times as wide as its reading is sure`;
  if (enough) return `${chosen.name}: ${times}; four times is the rule.`;
  return acceptWidthMm > 0
    ? `${chosen.name} is not enough, ${times}. Accept only within ${joined(formatLength(acceptWidthMm, units))} in the middle, or take a gauge or the mating part.`
    : `${chosen.name} is not enough, ${times}: a gauge, a comparator against blocks, or the mating part.`;
}

import type { UnitSystem } from '../format';
import { significant } from '../format';

/** Digits of the figures of a relation: four at least, six at most. */
const DIGITS = [4, 5, 6] as const;
/** A relation is true when its printed figures give its printed result within this share. */
const TRUE_WITHIN = 0.004;

/**
 * Figures of a relation, each with as few digits as make the printed line true: what
 * is read multiplies out to what is read.
 *
 * @param values   the quantities in the order of the relation
 * @param relation what is done with them
 * @example figures([25.6, 25], (v, d) => (1000 * v) / (Math.PI * d), 326) // ['25.6', '25']
 */
export function figures(
  values: readonly number[],
  relation: (...values: readonly number[]) => number,
  printed: number,
): readonly string[] {
  const told = (digits: number) => values.map((value) => significant(value, digits));
  const isTrue = (texts: readonly string[]): boolean =>
    Math.abs(relation(...texts.map(Number)) - printed) <= TRUE_WITHIN * Math.abs(printed);
  const enough = DIGITS.find((digits) => isTrue(told(digits)));
  return told(enough ?? DIGITS.at(-1)!);
}

/** A length in the unit that is printed. */
export const inUnits = (mm: number, units: UnitSystem): number => (units === 'mm' ? mm : mm / 25.4);

import { OutOfRange, within } from './out-of-range';

/**
 * Returns the value when it is a whole number from `least` to `most`, ends included.
 * @throws OutOfRange otherwise
 */
export function wholeWithin(what: string, value: number, least: number, most: number): number {
  if (!Number.isInteger(value)) throw new OutOfRange(what, value, least, most);
  return within(what, value, least, most);
}

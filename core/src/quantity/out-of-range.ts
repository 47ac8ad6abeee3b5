/**
 * A value outside of what a computation is defined for. It carries which value it
 * was, what was given and what is allowed; people are told in their own words by
 * whoever asked.
 */
export class OutOfRange extends RangeError {
  constructor(
    /** The quantity in the field's terms: "width of cut". */
    readonly what: string,
    readonly value: number,
    readonly least: number,
    readonly most: number = Infinity,
  ) {
    super(`${what} must be ${allowed(least, most)}, got ${value}`);
    this.name = 'OutOfRange';
  }
}

function allowed(least: number, most: number): string {
  if (most !== Infinity) return `from ${least} to ${most}`;
  return least === 0 ? 'more than 0' : `${least} or more`;
}

/**
 * Returns the value when it is a finite number above zero.
 * @throws OutOfRange otherwise
 */
export function positive(what: string, value: number): number {
  if (!(value > 0) || !Number.isFinite(value)) throw new OutOfRange(what, value, 0);
  return value;
}

/**
 * Returns the value when it lies from `least` to `most`, ends included.
 * @throws OutOfRange otherwise
 */
export function within(what: string, value: number, least: number, most: number): number {
  if (!(value >= least && value <= most)) throw new OutOfRange(what, value, least, most);
  return value;
}

/**
 * Returns a list that has at least so many members.
 * @throws OutOfRange with the number of members otherwise
 */
export function atLeast<T>(what: string, list: readonly T[], least: number): readonly T[] {
  if (list.length < least) throw new OutOfRange(`number of ${what}`, list.length, least);
  return list;
}

/**
 * What a computation gives, or another value where it refuses its input.
 * @example unlessRefused(() => positive('bore', 0), null) // null
 */
export function unlessRefused<T, Other>(compute: () => T, otherwise: Other): T | Other {
  try {
    return compute();
  } catch (error) {
    if (error instanceof OutOfRange) return otherwise;
    throw error;
  }
}

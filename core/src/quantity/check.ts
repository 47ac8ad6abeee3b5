/** Throws a RangeError that names the value when it is not a finite number above zero. */
export function positive(name: string, value: number): number {
  if (!(value > 0) || !Number.isFinite(value))
    throw new RangeError(`${name} must be more than 0, got ${value}`);
  return value;
}

/** Throws a RangeError that names the value and the allowed range, ends included. */
export function within(name: string, value: number, low: number, high: number): number {
  if (!(value >= low && value <= high))
    throw new RangeError(`${name} must be from ${low} to ${high}, got ${value}`);
  return value;
}

export const clamp = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));

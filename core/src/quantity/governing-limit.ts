/** One limit on a quantity; its value is null where it does not apply. */
export interface Limit<Name extends string = string> {
  readonly name: Name;
  readonly value: number | null;
}

export interface Governed<Name extends string = string> {
  readonly low: number;
  /** Null when nothing limits it upward. */
  readonly high: number | null;
  readonly start: number;
  /** What decided: the wish itself, or the limit that acted. */
  readonly governing: Name | 'wanted';
  /** The lower limit that stands above the upper one. */
  readonly conflictWith: Name | null;
  readonly status: 'ok' | 'no-window';
}

/**
 * Holds a wanted value within its limits and says which of them decided: the least
 * upper or the greatest lower limit. Of two equal limits the first named counts.
 * When the lower stands above the upper there is no window, and the upper is taken.
 *
 * @example governingLimit([{ name: 'nose', value: 0.2 }], [{ name: 'edge', value: 0.01 }], 0.3).start // 0.2, by 'nose'
 */
export function governingLimit<Name extends string>(
  uppers: readonly Limit<Name>[],
  lowers: readonly Limit<Name>[],
  wanted: number,
): Governed<Name> {
  let upper: { name: Name; value: number } | null = null;
  for (const { name, value } of uppers)
    if (value !== null && (upper === null || value < upper.value)) upper = { name, value };
  let lower: { name: Name; value: number } | null = null;
  for (const { name, value } of lowers)
    if (value !== null && (lower === null || value > lower.value)) lower = { name, value };
  const low = lower?.value ?? 0;
  const high = upper?.value ?? null;
  if (upper !== null && lower !== null && lower.value > upper.value)
    return {
      low,
      high,
      start: upper.value,
      governing: upper.name,
      conflictWith: lower.name,
      status: 'no-window',
    };
  const start = Math.max(low, high === null ? wanted : Math.min(wanted, high));
  const governing = start === wanted ? 'wanted' : start < wanted ? upper!.name : lower!.name;
  return { low, high, start, governing, conflictWith: null, status: 'ok' };
}

const HALVINGS = 60;

/**
 * The place between two ends where a condition changes from true to false, found
 * by halving 60 times: to better than a part in 10^18 of the span.
 *
 * @param holds  true at `from`, false at `to`, and it changes once between them
 * @returns the last place at which it was seen to hold
 * @example lastWhere((x) => x * x < 2, 0, 2) // 1.41421356
 */
export function lastWhere(holds: (value: number) => boolean, from: number, to: number): number {
  let [held, failed] = [from, to];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (held + failed) / 2;
    if (holds(middle)) held = middle;
    else failed = middle;
  }
  return held;
}

/**
 * The value below which a share of sorted values lies, straight between neighbours:
 * at place (N - 1) share, counted from 0.
 *
 * @param sorted  at least one value, the least first
 * @param share   0 to 1
 * @example quantile([1, 2, 4], 0.75) // 3
 */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  const place = (sorted.length - 1) * share;
  const below = Math.floor(place);
  const low = sorted[below]!;
  return low + (place - below) * ((sorted[below + 1] ?? low) - low);
}

const MARGIN = 18;
const CHARACTER = 8.2;
const GAP = 6;

/** Position of a value on a logarithmic scale that holds every rung and, within reason, the target. */
export function ladderScale(
  rungs: readonly number[],
  also: readonly number[],
  width: number,
): (value: number) => number {
  const lowest = rungs[0] ?? 1;
  const highest = rungs.at(-1) ?? 1;
  const near = also.filter((value) => value > lowest / 2 && value < highest * 2);
  const low = Math.log(Math.min(lowest, ...near));
  const high = Math.log(Math.max(highest, ...near));
  const span = high - low || 1;
  return (value) => {
    const x = MARGIN + ((Math.log(value) - low) / span) * (width - 2 * MARGIN);
    return Math.min(width, Math.max(0, x));
  };
}

/** End of a scale that a value lies beyond; null when it lies on it. */
export function beyondEnd(
  value: number,
  at: (value: number) => number,
  width: number,
): 'low' | 'high' | null {
  if (at(value) <= 0) return 'low';
  return at(value) >= width ? 'high' : null;
}

/** Which labels fit without touching, the chosen one first, then its neighbours outward; with the place of each. */
export function labelsThatFit(
  labels: readonly { x: number; text: string }[],
  chosen: number,
  width: number,
): Map<number, number> {
  const order = labels.map((_, i) => i).sort((a, b) => Math.abs(a - chosen) - Math.abs(b - chosen));
  const placed: { from: number; to: number }[] = [];
  const fit = new Map<number, number>();
  for (const i of order) {
    const { x, text } = labels[i]!;
    const half = (text.length * CHARACTER) / 2 + (i === chosen ? 3 : 0);
    const centre = Math.min(width - half, Math.max(half, x));
    const box = { from: centre - half - GAP / 2, to: centre + half + GAP / 2 };
    if (placed.some((other) => box.from < other.to && other.from < box.to)) continue;
    placed.push(box);
    fit.set(i, centre);
  }
  return fit;
}

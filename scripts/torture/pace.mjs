// How quick this machine is at the moment: it is shared with others, and some hours take four times as long.

const PIECE = Array.from({ length: 4_000 }, (_, i) => ({ id: i, name: `Tool ${i}`, sizes: [i / 7, i / 3] }));

/** Processor time of one piece of work, always the same, ms: 12 to 15 where it was tried. */
export function piece() {
  const before = process.cpuUsage();
  JSON.parse(JSON.stringify(PIECE)).sort((a, b) => b.sizes[0] - a.sizes[0]);
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1_000;
}

/** The value that nine of ten values do not pass. */
export function mostOf(values) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(0.9 * (sorted.length - 1))] ?? 0;
}

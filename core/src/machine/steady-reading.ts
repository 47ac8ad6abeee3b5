import { MAD_TO_SIGMA, median } from '../quantity/median';

/** What an instrument shows while it is held still. */
export interface SteadyReading {
  readonly value: number;
  /** Standard uncertainty from the scatter, in the same unit. */
  readonly u: number;
  /** Readings that lie with the others. */
  readonly used: number;
  readonly leftAside: number;
}

const LEAST = 4;
const FAR = 4;

/**
 * The value of the last few readings: their median, those more than 4 robust
 * standard deviations off left aside; u = scatter / sqrt(n), never under half of
 * the last place shown.
 *
 * @param lastPlace  one step of the display, in the same unit
 * @returns null for fewer than four readings
 */
export function steadyReading(values: readonly number[], lastPlace: number): SteadyReading | null {
  if (values.length < LEAST) return null;
  const centre = median(values);
  const scatter = Math.max(
    MAD_TO_SIGMA * median(values.map((value) => Math.abs(value - centre))),
    lastPlace / 2,
  );
  const near = values.filter((value) => Math.abs(value - centre) <= FAR * scatter);
  return {
    value: median(near),
    u: Math.max(scatter / Math.sqrt(near.length), lastPlace / 2),
    used: near.length,
    leftAside: values.length - near.length,
  };
}

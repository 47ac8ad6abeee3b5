import { positive } from '../quantity/out-of-range';
import { MAD_TO_SIGMA, median } from '../quantity/median';
import type { MeasuredSpeed } from './measured-speed';

export interface TapTiming extends MeasuredSpeed {
  readonly doublesDropped: number;
  readonly missedTaps: number;
  readonly outliersDropped: number;
}

const DOUBLE = 0.4;
const LEAST_LIMIT = 0.05;
const LEAST_TAPS = 4;

const intervals = (times: readonly number[]): number[] => times.slice(1).map((time, i) => time - times[i]!);

interface Point {
  readonly k: number;
  readonly t: number;
}

/** Least-squares line t = a + b k, with the residuals and the spread of k. */
function line(points: readonly Point[]) {
  const meanK = points.reduce((sum, { k }) => sum + k, 0) / points.length;
  const meanT = points.reduce((sum, { t }) => sum + t, 0) / points.length;
  const spread = points.reduce((sum, { k }) => sum + (k - meanK) ** 2, 0);
  const b = points.reduce((sum, { k, t }) => sum + (k - meanK) * (t - meanT), 0) / spread;
  return { b, spread, residuals: points.map(({ k, t }) => t - meanT - b * (k - meanK)) };
}

function withoutDoubles(times: readonly number[]): number[] {
  const m = median(intervals(times));
  const kept: number[] = [];
  for (const time of times) {
    const last = kept.at(-1);
    if (last === undefined || time - last >= DOUBLE * m) kept.push(time);
  }
  return kept;
}

/**
 * Spindle speed from taps along with a chalk mark: robust against a double tap,
 * a missed mark and a tap far out.
 *
 * Doubles under 0.4 of the median interval are dropped; each interval counts as
 * its nearest whole number of periods; a least-squares line through the taps;
 * taps further from it than 3 robust standard deviations (at least 5 % of a
 * period) are dropped and the line is fitted once more.
 *
 * @param tapTimesS     rising, seconds
 * @param turnsPerTap   1, or every so many turns of the mark
 * @returns null while fewer than four taps are left: ask for more
 */
export function tapTiming(tapTimesS: readonly number[], turnsPerTap = 1): TapTiming | null {
  positive('turns per tap', turnsPerTap);
  const kept = withoutDoubles(tapTimesS);
  const gaps = intervals(kept);
  const m = median(gaps);
  const periods = gaps.map((gap) => Math.max(1, Math.floor(gap / m + 0.5)));
  let k = 0;
  const points: Point[] = kept.map((t, i) => ({ k: i === 0 ? 0 : (k += periods[i - 1]!), t }));

  const first = line(points);
  const centre = median(first.residuals);
  const limit = Math.max(
    3 * MAD_TO_SIGMA * median(first.residuals.map((r) => Math.abs(r - centre))),
    LEAST_LIMIT * first.b,
  );
  const near = points.filter((_, i) => Math.abs(first.residuals[i]! - centre) <= limit);
  if (near.length < LEAST_TAPS) return null;

  const { b, spread, residuals } = line(near);
  const s = Math.sqrt(residuals.reduce((sum, r) => sum + r * r, 0) / (near.length - 2));
  return {
    rpm: (60 * turnsPerTap) / b,
    uRel: s / (b * Math.sqrt(spread)),
    doublesDropped: tapTimesS.length - kept.length,
    missedTaps: k - gaps.length,
    outliersDropped: points.length - near.length,
  };
}

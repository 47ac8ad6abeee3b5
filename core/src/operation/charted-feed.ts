import type { FeedChart, FeedStart } from './cut-plan';

/** A feed read from a chart of its own, without limits from a nose or teeth; never under the least of the chart. */
export const chartedFeed = (
  chart: FeedChart,
  [low, base, high]: readonly [low: number, base: number, high: number],
  factor = 1,
): FeedStart => ({
  wantedMmRev: Math.max(low, base * factor),
  baseMm: base,
  factor,
  lowMmRev: low,
  highMmRev: high,
  turning: null,
  tooth: null,
  chart,
});

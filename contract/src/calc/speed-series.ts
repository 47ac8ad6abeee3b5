import { speedSeries } from '@pike-stone/core';
import * as z from 'zod';
import { figure, figures, optional, result, results } from './schema';
import { topic } from './topic';

export const speedSeriesTopic = topic({
  input: z.strictObject({ rungs_rpm: figures(200), gap_limit: optional(figure) }),
  output: z.strictObject({
    mean_ratio: result,
    worst_deviation_percent: result,
    largest_gap_ratio: result,
    largest_gap_rpm: results,
    worst_speed_loss_percent: result,
    gaps_over_limit: result,
  }),
  run: (i) => {
    const r = speedSeries(i.rungs_rpm, i.gap_limit);
    return {
      mean_ratio: r.meanRatio,
      worst_deviation_percent: r.worstDeviationPercent,
      largest_gap_ratio: r.largestGapRatio,
      largest_gap_rpm: r.largestGapRpm,
      worst_speed_loss_percent: r.worstSpeedLossPercent,
      gaps_over_limit: r.gapsOverLimit,
    };
  },
});

import { VERDICTS } from '@pike-stone/core';
import type { FactorBand, FactorTrial } from '@pike-stone/core/learn';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';

/** Trials whose outcome says something of the speed. */
export const MOST_TRIALS = 2_000;
export const speedTrial = z.strictObject({
  v_set_m_min: figure,
  v_table_m_min: figure,
  outcome: oneOf(VERDICTS),
});

export const toFactorTrial = (one: z.output<typeof speedTrial>): FactorTrial => ({
  ratio: one.v_set_m_min / one.v_table_m_min,
  verdict: one.outcome,
});

export const band = z.strictObject({
  factor_median: result,
  band_low: result,
  band_high: result,
  sd_ln: result,
});
export const fromBand = ({ median, low, high, sdLn }: FactorBand) => ({
  factor_median: median,
  band_low: low,
  band_high: high,
  sd_ln: sdLn,
});

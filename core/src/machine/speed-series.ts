import { atLeast, positive } from '../quantity/out-of-range';

export interface SpeedSeries {
  readonly meanRatio: number;
  readonly worstDeviationPercent: number;
  readonly largestGapRatio: number;
  readonly largestGapRpm: readonly [number, number];
  readonly worstSpeedLossPercent: number;
  readonly gapsOverLimit: number;
}

/**
 * How evenly a machine's speeds are spaced.
 *
 * The mean ratio of z steps is phi = (nz/n1)^(1/(z-1)); a gap wider than 1.6
 * leaves work that no step suits. Preferred ratios: ISO 3.
 *
 * @param rungsRpm ascending, at least two
 */
export function speedSeries(rungsRpm: readonly number[], gapLimit = 1.6): SpeedSeries {
  const first = positive('slowest speed', rungsRpm[0] ?? NaN);
  atLeast('speeds', rungsRpm, 2);
  const meanRatio = (rungsRpm.at(-1)! / first) ** (1 / (rungsRpm.length - 1));
  let worst = 0;
  let gap = { ratio: 0, pair: [first, first] as [number, number] };
  let over = 0;
  rungsRpm.forEach((rpm, i) => {
    const deviation = rpm / (first * meanRatio ** i) - 1;
    if (Math.abs(deviation) > Math.abs(worst)) worst = deviation;
    const next = rungsRpm[i + 1];
    if (next === undefined) return;
    const ratio = next / rpm;
    if (ratio > gap.ratio) gap = { ratio, pair: [rpm, next] };
    if (ratio > gapLimit) over += 1;
  });
  return {
    meanRatio,
    worstDeviationPercent: 100 * worst,
    largestGapRatio: gap.ratio,
    largestGapRpm: gap.pair,
    worstSpeedLossPercent: 100 * (1 - 1 / gap.ratio),
    gapsOverLimit: over,
  };
}

export interface ServedDiameters {
  readonly fromMm: number;
  readonly toMm: number;
  /** Diameters inside that no step cuts at a proper speed: the next step down is too slow, the next up too fast. */
  readonly holesMm: readonly (readonly [from: number, to: number])[];
}

/**
 * The diameters a machine can cut within a band of cutting speed, and the holes
 * that its gaps leave: from 1000 v_high / (pi n_(i+1)) to 1000 v_low / (pi n_i)
 * wherever two steps lie further apart than the band is wide.
 *
 * ```
 *   v   /   /        /      each step a line, speed rises with the diameter;
 *  high|---/---/----/---    the band is served where a line crosses it
 *  low |--/---/----/----
 *        n3  n2  ^ n1       ^ a hole
 * ```
 * @param rungsRpm ascending, at least one
 */
export function servedDiameters(
  rungsRpm: readonly number[],
  speedLowMPerMin: number,
  speedHighMPerMin: number,
): ServedDiameters {
  const slowest = positive('slowest speed', rungsRpm[0] ?? NaN);
  const { diameterMinMm, diameterMaxMm } = diameterWindow(
    slowest,
    rungsRpm.at(-1)!,
    positive('low end', speedLowMPerMin),
    positive('high end', speedHighMPerMin),
  );
  const holesMm = rungsRpm.slice(1).flatMap((above, i): [number, number][] => {
    const below = rungsRpm[i]!;
    return above / below > (speedHighMPerMin / speedLowMPerMin) * (1 + 1e-9)
      ? [[(1000 * speedHighMPerMin) / (Math.PI * above), (1000 * speedLowMPerMin) / (Math.PI * below)]]
      : [];
  });
  return { fromMm: diameterMinMm, toMm: diameterMaxMm, holesMm: holesMm.reverse() };
}

/** Smallest and largest diameter a machine can serve in a band of cutting speed. */
export function diameterWindow(
  rpmMin: number,
  rpmMax: number,
  speedLowMPerMin: number,
  speedHighMPerMin: number,
) {
  positive('slowest speed', rpmMin);
  positive('fastest speed', rpmMax);
  return {
    diameterMinMm: (1000 * speedLowMPerMin) / (Math.PI * rpmMax),
    diameterMaxMm: (1000 * speedHighMPerMin) / (Math.PI * rpmMin),
  };
}

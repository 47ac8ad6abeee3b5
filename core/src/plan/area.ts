import { positive } from '../quantity/out-of-range';
import { wholeOver } from '../quantity/whole';

export interface AreaPlan {
  readonly passes: number;
  readonly stepoverMm: number;
  readonly travelMm: number;
  readonly pathMm: number;
  readonly minutes: number;
}

export interface AreaCut {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly cutterMm: number;
  readonly stepoverMm: number;
  readonly feedMmMin: number;
  readonly clearanceMm?: number | undefined;
  readonly pattern?: 'one-way' | 'both-ways' | undefined;
  /** Speed of the way back, one way only. */
  readonly returnMmMin?: number | undefined;
  /** The whole cutter clears both ends, or only its middle. */
  readonly ends?: 'cutter-clears' | 'centre-clears' | undefined;
  readonly changeS?: number | undefined;
}

/** Passes, path and time over a flat area: passes = ceil(W/s), travel = L + 2c (+ D when the cutter clears). */
export function areaPlan({
  lengthMm,
  widthMm,
  cutterMm,
  stepoverMm,
  feedMmMin,
  clearanceMm = 2,
  pattern = 'one-way',
  returnMmMin,
  ends = 'cutter-clears',
  changeS = 0,
}: AreaCut): AreaPlan {
  const passes = Math.max(1, wholeOver(positive('width', widthMm) / positive('step-over', stepoverMm)));
  const travelMm =
    positive('length', lengthMm)
    + 2 * clearanceMm
    + (ends === 'cutter-clears' ? positive('cutter diameter', cutterMm) : 0);
  const real = widthMm / passes;
  positive('feed', feedMmMin);
  const between =
    pattern === 'both-ways'
      ? real / feedMmMin
      : travelMm / positive('speed of the way back', returnMmMin ?? NaN);
  return {
    passes,
    stepoverMm: real,
    travelMm,
    pathMm: passes * travelMm,
    minutes: (passes * travelMm) / feedMmMin + (passes - 1) * (between + changeS / 60),
  };
}

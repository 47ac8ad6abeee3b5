import type { CutSetup } from './cut-setup';
import { threadOf } from './particulars';
import { DEG } from '../quantity/angle';

/** What the last of equal chips may still take before it rubs, by machine, mm on the radius. */
const LAST_STEP_MM = { rigid: 0.06, ordinary: 0.05, tired: 0.04 } as const;
const FEWEST = 3;

/** Passes of one chip area, so many that the last still cuts: its step is h/2n. */
export const threadPasses = (setup: CutSetup): number =>
  Math.max(FEWEST, Math.floor(threadOf(setup).depthMm / (2 * LAST_STEP_MM[setup.machine.condition])));

/** First pass on the radius. */
export const firstThreadPass = (setup: CutSetup): number =>
  threadOf(setup).depthMm / Math.sqrt(threadPasses(setup));

/**
 * The chip of one pass with the compound set over, all passes of one area: as wide
 * as the flank at full depth, as thick as its area asks.
 */
export function threadPass(setup: CutSetup): { readonly widthMm: number; readonly thicknessMm: number } {
  const { depthMm, halfDeg } = threadOf(setup);
  const half = halfDeg * DEG;
  const widthMm = depthMm / Math.cos(half);
  return { widthMm, thicknessMm: (firstThreadPass(setup) ** 2 * Math.tan(half)) / widthMm };
}

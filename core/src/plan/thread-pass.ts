import type { CutSetup } from './cut-setup';
import { threadOf } from './particulars';

/** Deepest first pass of a thread in a rigid and in a tired machine, mm; softer machines take less. */
const FIRST_PASS_MM = { rigid: 0.3, ordinary: 0.25, tired: 0.2 } as const;

/** First pass on the radius: never deeper than a third of the thread. */
export const firstThreadPass = (setup: CutSetup): number => Math.min(FIRST_PASS_MM[setup.machine.condition], threadOf(setup).depthMm / 3);

/** Passes of one area down to the full depth, first pass as above. */
export const threadPasses = (setup: CutSetup): number => Math.ceil((threadOf(setup).depthMm / firstThreadPass(setup)) ** 2 - 1e-9);

/**
 * The chip of one pass with the compound set over, all passes of one area: as wide
 * as the flank at full depth, as thick as its area asks.
 */
export function threadPass(setup: CutSetup): { readonly widthMm: number; readonly thicknessMm: number } {
  const { depthMm, halfDeg } = threadOf(setup);
  const half = (halfDeg * Math.PI) / 180;
  const widthMm = depthMm / Math.cos(half);
  return { widthMm, thicknessMm: (firstThreadPass(setup) ** 2 * Math.tan(half)) / widthMm };
}

import { chipForm, type ChipClass } from '../mechanics/chip-form';
import type { CutPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';
import { breakerOf, chipCut } from '../plan/forecast';

/** The chip to expect over feeds and depths, row by row: `chips[depth][feed]`. */
export interface ChipMap {
  readonly feedsMmRev: readonly number[];
  readonly depthsMm: readonly number[];
  readonly chips: readonly (readonly ChipClass[])[];
}

/** Cells along each side. */
const CELLS = 28;
const spread = (low: number, high: number): number[] =>
  Array.from({ length: CELLS }, (_, i) => low * (high / low) ** ((i + 0.5) / CELLS));

/**
 * The chip to expect over a field of feeds and depths, evenly spaced on log scales; null
 * where the chip of the operation is not told.
 *
 * @param feed   least and most, mm/rev
 * @param depth  least and most, mm
 */
export function chipMap(
  setup: CutSetup,
  plan: CutPlan,
  feed: readonly [number, number],
  depth: readonly [number, number],
): ChipMap | null {
  const cut = chipCut(setup, plan);
  if (!cut) return null;
  const breaker = breakerOf(setup.tool);
  const [feedsMmRev, depthsMm] = [spread(...feed), spread(...depth)];
  const chips = depthsMm.map((depthMm) =>
    feedsMmRev.map((feedMmRev) => chipForm({ ...cut, feedMmRev, depthMm }, breaker).chip),
  );
  return { feedsMmRev, depthsMm, chips };
}

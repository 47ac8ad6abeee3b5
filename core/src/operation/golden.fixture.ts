import type { FindingCode } from './finding';
import type { CutSetup } from './registry';

/**
 * A whole plan worked by hand from the tables and formulas of docs/formulas.md:
 * each number stands beside the arithmetic it came from.
 */
export interface Golden {
  readonly name: string;
  readonly setup: CutSetup;
  readonly aimMPerMin: number;
  readonly rpm: number;
  readonly feedMmRev: number;
  readonly depthMm: number;
  readonly widthMm: number | null;
  /** Codes of the findings, in their order. */
  readonly says: readonly FindingCode[];
}

/** Clean stock of a metal of the library. */
export const of = (materialKey: string): CutSetup['stock'] => ({
  name: 'Piece',
  materialKey,
  uncertain: false,
  skinMm: 0,
});

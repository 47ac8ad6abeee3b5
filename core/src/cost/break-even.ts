import { within } from '../quantity/out-of-range';

/** What a way costs before the first part, and with every part. */
export interface WayCost {
  readonly fixed: number;
  readonly perPart: number;
}

export interface BreakEven {
  /** Number of parts at which both cost the same; null when one is never dearer. */
  readonly parts: number | null;
  readonly firstWholePart: number | null;
  readonly cheaperBelow: 'hss' | 'carbide' | 'equal';
  readonly cheaperAbove: 'hss' | 'carbide' | 'equal';
}

const cheaper = (hss: number, carbide: number): 'hss' | 'carbide' | 'equal' =>
  hss === carbide ? 'equal' : hss < carbide ? 'hss' : 'carbide';

/**
 * The number of parts from which the other tool is cheaper: (Fc - Fh)/(ch - cc).
 *
 * @throws OutOfRange for a cost below 0
 * @example breakEven({ fixed: 8, perPart: 5.2 }, { fixed: 80, perPart: 3.9 }).firstWholePart // 56
 */
export function breakEven(hss: WayCost, carbide: WayCost): BreakEven {
  for (const cost of [hss.fixed, hss.perPart, carbide.fixed, carbide.perPart]) within('cost', cost, 0, 1e9);
  const fixed = cheaper(hss.fixed, carbide.fixed);
  const perPart = cheaper(hss.perPart, carbide.perPart);
  const crosses = fixed !== 'equal' && perPart !== 'equal' && fixed !== perPart;
  if (!crosses) {
    const always = fixed === 'equal' ? perPart : fixed;
    return { parts: null, firstWholePart: null, cheaperBelow: always, cheaperAbove: always };
  }
  const parts = (carbide.fixed - hss.fixed) / (hss.perPart - carbide.perPart);
  return { parts, firstWholePart: Math.floor(parts) + 1, cheaperBelow: fixed, cheaperAbove: perPart };
}

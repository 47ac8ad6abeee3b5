import { within } from '../quantity/out-of-range';
import { cheaperOf, type Cheaper } from './cost-per-part';

/** What a way costs before the first part, and with every part. */
export interface WayCost {
  readonly fixed: number;
  readonly perPart: number;
}

export interface BreakEven {
  /** Number of parts at which both cost the same; null when one is never dearer. */
  readonly parts: number | null;
  readonly firstWholePart: number | null;
  readonly cheaperBelow: Cheaper;
  readonly cheaperAbove: Cheaper;
}

/**
 * The number of parts from which the other tool is cheaper: (Fc - Fh)/(ch - cc).
 *
 * @throws OutOfRange for a cost below 0
 * @example breakEven({ fixed: 8, perPart: 5.2 }, { fixed: 80, perPart: 3.9 }).firstWholePart // 56
 */
export function breakEven(hss: WayCost, carbide: WayCost): BreakEven {
  for (const cost of [hss.fixed, hss.perPart, carbide.fixed, carbide.perPart]) within('cost', cost, 0, 1e9);
  const fixed = cheaperOf(hss.fixed, carbide.fixed);
  const perPart = cheaperOf(hss.perPart, carbide.perPart);
  const crosses = fixed !== 'equal' && perPart !== 'equal' && fixed !== perPart;
  if (!crosses) {
    const always = fixed === 'equal' ? perPart : fixed;
    return { parts: null, firstWholePart: null, cheaperBelow: always, cheaperAbove: always };
  }
  const parts = (carbide.fixed - hss.fixed) / (hss.perPart - carbide.perPart);
  return { parts, firstWholePart: Math.floor(parts) + 1, cheaperBelow: fixed, cheaperAbove: perPart };
}

/** Numbers of parts at which two ways cost the same, as surely as the difference of a part is known. */
export interface BreakEvenBand {
  readonly parts: number;
  readonly low: number;
  /** Null: at the far end of what may be, the other way never pays. */
  readonly high: number | null;
}

/**
 * The break-even and its band from the spread of the difference of a part, HSS less
 * carbide: eight times in ten it lies between the two ends.
 *
 * @returns null when the way that costs less to begin is not dearer by the part: then it stays the cheaper
 */
export function breakEvenBand(
  hssFixed: number,
  carbideFixed: number,
  difference: { readonly p10: number; readonly p50: number; readonly p90: number },
): BreakEvenBand | null {
  const fixed = carbideFixed - hssFixed;
  const [least, middle, most] =
    fixed >= 0
      ? [difference.p10, difference.p50, difference.p90]
      : [-difference.p90, -difference.p50, -difference.p10];
  if (fixed === 0 || middle <= 0) return null;
  const size = Math.abs(fixed);
  return { parts: size / middle, low: size / most, high: least > 0 ? size / least : null };
}

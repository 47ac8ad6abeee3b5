import { atLeast, within } from '../quantity/out-of-range';

/** Largest spread of the heights of end teeth, mm: typical. */
export const SPREAD_LIMIT_MM = { finishing: 0.01, roughing: 0.03 } as const;
export type HeightUse = keyof typeof SPREAD_LIMIT_MM;

const GUARD = 1e-9;

/** Teeth by their number, from 1. */
export interface HeightVerdict {
  readonly spreadMm: number;
  readonly limitMm: number;
  readonly ok: boolean;
  /** Teeth that stand out too far, the highest first, and what comes off each. */
  readonly touch: readonly { readonly tooth: number; readonly downMm: number }[];
  readonly lowest: number;
  /** The tooth that stands out by more than the feed of a tooth: it does the work of all; null for none. */
  readonly alone: number | null;
}

/**
 * Which end teeth to touch again, from their heights as an indicator read them with the cutter turned
 * backwards under it. Only what stands out can be ground away, so all come down to the lowest.
 *
 * @param heightsMm    of each tooth in turn, from any zero; two at least
 * @param feedMm       feed of a tooth in the cut that it is for; null when it is not known
 * @example judgeHeights([0, 0.004, 0.021, 0.002], 'finishing', null).touch // tooth 3, 0.021 down
 */
export function judgeHeights(
  heightsMm: readonly number[],
  use: HeightUse,
  feedMm: number | null,
): HeightVerdict {
  atLeast('heights', heightsMm, 2);
  heightsMm.forEach((one) => within('height of a tooth', one, -10, 10));
  const limitMm = SPREAD_LIMIT_MM[use];
  const least = Math.min(...heightsMm);
  const sorted = heightsMm
    .map((mm, i) => ({ tooth: i + 1, downMm: mm - least }))
    .sort((a, b) => b.downMm - a.downMm);
  const [first, next] = sorted as [HeightVerdict['touch'][number], HeightVerdict['touch'][number]];
  return {
    spreadMm: first.downMm,
    limitMm,
    ok: first.downMm <= limitMm + GUARD,
    touch: sorted.filter(({ downMm }) => downMm > limitMm + GUARD),
    lowest: heightsMm.indexOf(least) + 1,
    alone: feedMm !== null && first.downMm - next.downMm > feedMm + GUARD ? first.tooth : null,
  };
}

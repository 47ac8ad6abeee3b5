import { DEG } from '../quantity/angle';
import { directionOn, piecesOf, type Piece } from '../profile/profile';
import type { FormShape } from './form-shape';

/** Lines and arcs that rise by less are no flanks, mm, or this share of the depth where that is less. */
const LEAST_RISE_MM = 0.2;
const LEAST_SHARE = 0.25;
/** Leans that differ by less are set by one stack, degrees. */
const SAME_LEAN_DEG = 0.01;

const riseOf = ({ from, to }: Piece): number => Math.abs(to[1] - from[1]);

/** Lean from the depth direction at the middle of a line or arc, degrees. */
function leanOf(piece: Piece): number {
  const [dx, dy] = directionOn(piece, 0.5);
  return Math.atan2(Math.abs(dx), Math.abs(dy)) / DEG;
}

/** Lean of the steepest flank, straight or curved, from the depth direction, degrees; null without one. */
export function steepestFlank({ profile, depthMm }: FormShape): number | null {
  const flanks = piecesOf(profile).filter(
    (piece) => riseOf(piece) > Math.min(LEAST_RISE_MM, LEAST_SHARE * depthMm),
  );
  return flanks.length === 0 ? null : Math.min(...flanks.map(leanOf));
}

/** A straight flank of a form, which is ground at one setting. */
export interface StraightFlank {
  /** From the depth direction, degrees. */
  readonly leanDeg: number;
  readonly side: 'left' | 'right' | 'both';
}

/**
 * The straight flanks of a form: lines that rise by a quarter of its depth at the least, two of the same lean on
 * either side taken as one.
 *
 * @example of a thread of 60 degrees: [{ leanDeg: 30, side: 'both' }]
 */
export function straightFlanks({ profile, depthMm }: FormShape): readonly StraightFlank[] {
  const lines = piecesOf(profile)
    .filter((piece) => piece.kind === 'line' && riseOf(piece) >= LEAST_SHARE * depthMm)
    .map((piece) => ({
      leanDeg: leanOf(piece),
      side: piece.to[1] < piece.from[1] ? ('left' as const) : ('right' as const),
    }));
  const found: StraightFlank[] = [];
  for (const { leanDeg, side } of lines) {
    const i = found.findIndex((one) => Math.abs(one.leanDeg - leanDeg) < SAME_LEAN_DEG);
    if (i < 0) found.push({ leanDeg, side });
    else if (found[i]!.side !== side) found[i] = { ...found[i]!, side: 'both' };
  }
  return found;
}

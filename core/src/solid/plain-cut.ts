import { blankSolid } from './blank';
import { beyond, clipped, volumeOf, type ConvexSolid, type HalfSpace } from './convex';
import { withSharpEdges } from './sharp-edges';
import type { Blank, GroundSolid, SolidCut } from './solid-cut';

/** Everything at or behind a reach. */
const behind = (reachMm: number): HalfSpace => ({ normal: [1, 0, 0], offset: -reachMm });

/** What is left of a piece around a flat-sided part that is taken out, in convex pieces. */
function around(piece: ConvexSolid, wedge: readonly HalfSpace[], by: string): readonly ConvexSolid[] {
  const kept: ConvexSolid[] = [];
  let inside = piece;
  for (const half of wedge) {
    kept.push(clipped(inside, beyond(half), by));
    inside = clipped(inside, half, null);
    // Nothing of the piece lies in the part.
    if (inside.length === 0) return [piece];
  }
  return kept.filter((part) => part.length > 0);
}

/** One cut of one convex piece: what lies behind the reach stays, what lies ahead is cut flat. */
function cutPiece(piece: ConvexSolid, { by, keep, reachMm, wedges }: SolidCut): readonly ConvexSolid[] {
  if (wedges)
    return wedges.reduce<readonly ConvexSolid[]>(
      (left, wedge) => left.flatMap((one) => around(one, [beyond(behind(reachMm)), ...wedge], by)),
      [piece],
    );
  const ahead = clipped(piece, beyond(behind(reachMm)), null);
  const cut = keep.reduce((left, half) => clipped(left, half, by), ahead);
  if (cut === ahead) return [piece];
  return [clipped(piece, behind(reachMm), by), cut].filter((part) => part.length > 0);
}

const volume = (pieces: readonly ConvexSolid[]): number =>
  pieces.reduce((sum, piece) => sum + volumeOf(piece), 0);

/**
 * A blank after its cuts, by clipping convex pieces with half-spaces in plain code: exact for flat
 * faces, and what is left when the solid library cannot start. Rounds are left out.
 *
 * @returns volumes depend on the order for each cut, their sum does not
 */
export function plainCut(blank: Blank, cuts: readonly SolidCut[]): GroundSolid {
  let pieces: readonly ConvexSolid[] = [blankSolid(blank)];
  const removedMm3 = cuts.map((cut) => {
    const before = volume(pieces);
    pieces = pieces.flatMap((piece) => cutPiece(piece, cut));
    return Math.max(0, before - volume(pieces));
  });
  return {
    facets: withSharpEdges(pieces.flatMap(facesOf)),
    volumeMm3: volume(pieces),
    removedMm3,
    flatOnly: cuts.some(({ rounds }) => rounds !== undefined && rounds.length > 0),
  };
}

/** Faces to show: what only parts a solid into pieces is inside it. */
const facesOf = (piece: ConvexSolid) =>
  piece.flatMap(({ corners, normal, by }) => (by === null ? [] : [{ corners, normal, by }]));

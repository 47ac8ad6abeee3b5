import type { PlanePoint } from '../quantity/circle-fit';
import { clamp } from '../quantity/clamp';
import { directionOn, distanceOf, isOnSweep, piecesOf, type Piece, type Profile } from './profile';

/** Foot of a point on a piece: the nearest point, and whether it lies within the piece or at one end. */
export interface Foot {
  readonly at: PlanePoint;
  readonly end: 'from' | 'to' | null;
  readonly distanceMm: number;
}

/** The point of a piece that is nearest to a point. */
export function footOn(piece: Piece, point: PlanePoint): Foot {
  const ends = (): Foot => {
    const [a, b] = [distanceOf(point, piece.from), distanceOf(point, piece.to)];
    return a <= b
      ? { at: piece.from, end: 'from', distanceMm: a }
      : { at: piece.to, end: 'to', distanceMm: b };
  };
  if (piece.kind === 'line') {
    const [dx, dy] = [piece.to[0] - piece.from[0], piece.to[1] - piece.from[1]];
    const along = ((point[0] - piece.from[0]) * dx + (point[1] - piece.from[1]) * dy) / (dx * dx + dy * dy);
    const share = clamp(along, 0, 1);
    if (share !== along) return ends();
    const at: PlanePoint = [piece.from[0] + dx * share, piece.from[1] + dy * share];
    return { at, end: null, distanceMm: distanceOf(at, point) };
  }
  const way: PlanePoint = [point[0] - piece.centre[0], point[1] - piece.centre[1]];
  const far = Math.hypot(...way);
  if (far === 0) return { at: piece.from, end: null, distanceMm: piece.radiusMm };
  if (!isOnSweep(piece, way)) return ends();
  const stretch = piece.radiusMm / far;
  return {
    at: [piece.centre[0] + way[0] * stretch, piece.centre[1] + way[1] * stretch],
    end: null,
    distanceMm: Math.abs(far - piece.radiusMm),
  };
}

/** Distance of a point from a profile, mm, never below 0. */
export const distanceFrom = (profile: Profile, point: PlanePoint): number =>
  Math.min(...piecesOf(profile).map((piece) => footOn(piece, point).distanceMm));

/** Two feet count as one corner when they are equally near, mm. */
const SAME_MM = 1e-12;

/** Left normal of the direction of travel. */
const leftOf = ([x, y]: PlanePoint): PlanePoint => [-y, x];

/** Direction of travel on a piece at a foot. */
function directionAt(piece: Piece, foot: Foot): PlanePoint {
  if (piece.kind === 'line' || foot.end === 'from') return directionOn(piece, 0);
  if (foot.end === 'to') return directionOn(piece, 1);
  const [x, y] = [foot.at[0] - piece.centre[0], foot.at[1] - piece.centre[1]];
  const sign = Math.sign(piece.sweepRad) / piece.radiusMm;
  return [-y * sign, x * sign];
}

/**
 * Signed distance of a point from pieces in order, and the normal along which it grows: positive on the left
 * of travel. At a corner that two pieces share the sum of their left normals decides the side.
 */
export function signedFrom(pieces: readonly Piece[], point: PlanePoint) {
  let best: { piece: Piece; foot: Foot } | null = null;
  const equal: { piece: Piece; foot: Foot }[] = [];
  for (const piece of pieces) {
    const foot = footOn(piece, point);
    if (best === null || foot.distanceMm < best.foot.distanceMm - SAME_MM) {
      best = { piece, foot };
      equal.length = 0;
      equal.push(best);
    } else if (foot.distanceMm <= best.foot.distanceMm + SAME_MM) equal.push({ piece, foot });
  }
  const { piece, foot } = best!;
  const away: PlanePoint = [point[0] - foot.at[0], point[1] - foot.at[1]];
  const left =
    foot.end === null
      ? leftOf(directionAt(piece, foot))
      : equal.reduce<PlanePoint>(
          ([x, y], one) => {
            const [dx, dy] = leftOf(directionAt(one.piece, one.foot));
            return [x + dx, y + dy];
          },
          [0, 0],
        );
  const sign = left[0] * away[0] + left[1] * away[1] < 0 ? -1 : 1;
  const atEnd = foot.end !== null && foot.distanceMm > 0;
  const normal: PlanePoint = atEnd
    ? [(sign * away[0]) / foot.distanceMm, (sign * away[1]) / foot.distanceMm]
    : leftOf(directionAt(piece, foot));
  return { distanceMm: sign * foot.distanceMm, normal, at: foot.at, piece: pieces.indexOf(piece) };
}

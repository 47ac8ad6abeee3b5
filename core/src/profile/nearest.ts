import { distanceOf, leftOf, minus, type PlanePoint } from '../quantity/plane';
import { clamp } from '../quantity/clamp';
import {
  directionOn,
  isOnSweep,
  pieceLength,
  piecesOf,
  tangentAt,
  type Piece,
  type Profile,
} from './profile';

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
  const way = minus(point, piece.centre);
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

/** Two pieces are equally near, and meet in a corner there, when their distances differ by less, mm. */
const SAME_MM = 1e-12;

/** Direction of travel on a piece at a foot. */
function directionAt(piece: Piece, foot: Foot): PlanePoint {
  if (piece.kind === 'line' || foot.end === 'from') return directionOn(piece, 0);
  if (foot.end === 'to') return directionOn(piece, 1);
  return tangentAt(piece, foot.at);
}

/**
 * A rectangle that holds a piece, by which it is passed over when it is far. That of an arc is larger than need be:
 * its circle, as far as the arc is long beyond its ends.
 */
function extentOf(piece: Piece) {
  if (piece.kind === 'arc') {
    const [[x, y], r] = [piece.centre, piece.radiusMm];
    const reach = pieceLength(piece);
    return {
      left: Math.max(x - r, Math.min(piece.from[0], piece.to[0]) - reach),
      right: Math.min(x + r, Math.max(piece.from[0], piece.to[0]) + reach),
      low: Math.max(y - r, Math.min(piece.from[1], piece.to[1]) - reach),
      high: Math.min(y + r, Math.max(piece.from[1], piece.to[1]) + reach),
    };
  }
  return {
    left: Math.min(piece.from[0], piece.to[0]),
    right: Math.max(piece.from[0], piece.to[0]),
    low: Math.min(piece.from[1], piece.to[1]),
    high: Math.max(piece.from[1], piece.to[1]),
  };
}

/** Where a point lies against a form. */
export interface SignedFoot {
  /** Positive on the left of travel. */
  readonly distanceMm: number;
  /** Along which the distance grows, of length 1. */
  readonly normal: PlanePoint;
  /** Nearest point of the form. */
  readonly at: PlanePoint;
  /** Number of the piece it lies on. */
  readonly piece: number;
}

/**
 * Signed distances of points from pieces in order, and the normals along which they grow: positive on the left of
 * travel. At a corner that two pieces share the sum of their left normals decides the side. What is needed of the
 * pieces is worked out once, for many points.
 */
export function signedDistances(pieces: readonly Piece[]): (point: PlanePoint) => SignedFoot {
  const extents = pieces.map(extentOf);
  return (point) => {
    const [x, y] = point;
    let best: { piece: Piece; foot: Foot; at: number } | null = null;
    let equal: { piece: Piece; foot: Foot }[] = [];
    for (const [at, piece] of pieces.entries()) {
      const { left, right, low, high } = extents[at]!;
      const [dx, dy] = [Math.max(left - x, x - right, 0), Math.max(low - y, y - high, 0)];
      if (best !== null && dx * dx + dy * dy > (best.foot.distanceMm + SAME_MM) ** 2) continue;
      const foot = footOn(piece, point);
      if (best === null || foot.distanceMm < best.foot.distanceMm - SAME_MM) {
        best = { piece, foot, at };
        equal = [best];
      } else if (foot.distanceMm <= best.foot.distanceMm + SAME_MM) equal.push({ piece, foot });
    }
    const { piece, foot, at } = best!;
    const away = minus(point, foot.at);
    const left =
      foot.end === null
        ? leftOf(directionAt(piece, foot))
        : equal.reduce<PlanePoint>(
            ([sx, sy], one) => {
              const [nx, ny] = leftOf(directionAt(one.piece, one.foot));
              return [sx + nx, sy + ny];
            },
            [0, 0],
          );
    const sign = left[0] * away[0] + left[1] * away[1] < 0 ? -1 : 1;
    const isAtEnd = foot.end !== null && foot.distanceMm > 0;
    const normal: PlanePoint = isAtEnd
      ? [(sign * away[0]) / foot.distanceMm, (sign * away[1]) / foot.distanceMm]
      : leftOf(directionAt(piece, foot));
    return { distanceMm: sign * foot.distanceMm, normal, at: foot.at, piece: at };
  };
}

/** The same for one point. */
export const signedFrom = (pieces: readonly Piece[], point: PlanePoint): SignedFoot =>
  signedDistances(pieces)(point);

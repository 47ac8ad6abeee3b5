import { OutOfRange, atLeast, positive } from '../quantity/out-of-range';
import { angleBetween, distanceOf, leftOf, minus, turnedBy, type PlanePoint } from '../quantity/plane';

/**
 * Corner of a profile: its place in mm, and the bulge of the piece that begins there. Bulge = tan(sweep / 4);
 * 0 is a line, positive turns left (counter-clockwise), 1 is half a circle.
 */
export type Corner = readonly [x: number, y: number, bulge: number];

/**
 * An open chain of lines and arcs, at least two corners; the bulge of the last corner counts for nothing.
 * Travel runs with the tool on the left and the work, or the wheel that makes the tool, on the right:
 *
 *        \  tool   /      left tip -> root -> right tip
 *         \ metal /
 *          \_____/
 */
export type Profile = readonly Corner[];

export interface LinePiece {
  readonly kind: 'line';
  readonly from: PlanePoint;
  readonly to: PlanePoint;
}

export interface ArcPiece {
  readonly kind: 'arc';
  readonly from: PlanePoint;
  readonly to: PlanePoint;
  readonly centre: PlanePoint;
  readonly radiusMm: number;
  /** Angle turned from start to end, radians; positive to the left. */
  readonly sweepRad: number;
}

export type Piece = LinePiece | ArcPiece;

/** Below this a bulge is a straight line: the arc would leave its chord by less than a nanometre. */
const STRAIGHT = 1e-9;
/** Half a turn; a longer arc is split into two. */
const MOST_BULGE = 1;

/**
 * The arc of a bulge between two points: R = c (1 + b^2) / (4 |b|), its centre on the left normal of the
 * chord at c (1 - b^2) / (4 b) from the middle, sweep = 4 atan b.
 *
 * @example arcOf([10, 0], [0, 10], Math.tan(Math.PI / 8)).radiusMm // 10, a quarter about the origin
 */
export function arcOf(from: PlanePoint, to: PlanePoint, bulge: number): ArcPiece {
  if (!(Math.abs(bulge) >= STRAIGHT)) throw new OutOfRange('bulge of an arc', bulge, STRAIGHT);
  const [dx, dy] = minus(to, from);
  const chord = positive('chord of an arc', Math.hypot(dx, dy));
  const along = (1 - bulge * bulge) / (4 * bulge);
  return {
    kind: 'arc',
    from,
    to,
    centre: [(from[0] + to[0]) / 2 - dy * along, (from[1] + to[1]) / 2 + dx * along],
    radiusMm: Math.abs(radiusOfBulge(chord, bulge)),
    sweepRad: 4 * Math.atan(bulge),
  };
}

/** Bulge of an arc that turns by an angle in radians, positive to the left. */
export const bulgeOf = (sweepRad: number): number => Math.tan(sweepRad / 4);

/** Radius of an arc of a bulge over a chord, mm; positive to the left. The bulge is not 0. */
export const radiusOfBulge = (chordMm: number, bulge: number): number =>
  (chordMm * (1 + bulge * bulge)) / (4 * bulge);

/**
 * Bulge of the shorter arc of a radius over a chord: b = (c / 2) / (R + sqrt(R^2 - c^2 / 4)).
 *
 * @param radiusMm  positive to the left; half a circle is the most
 * @throws OutOfRange when the chord is longer than the circle is wide
 * @example bulgeOfRadius(10, 5) // 1, half a circle
 */
export function bulgeOfRadius(chordMm: number, radiusMm: number): number {
  const [half, radius] = [chordMm / 2, Math.abs(radiusMm)];
  if (!(radius >= half * (1 - STRAIGHT))) throw new OutOfRange('radius of an arc', radius, half);
  return (Math.sign(radiusMm) * half) / (radius + Math.sqrt(Math.max(0, radius * radius - half * half)));
}

/** The piece of a profile from one corner to the next. */
export function pieceBetween([x, y, bulge]: Corner, [toX, toY]: Corner): Piece {
  const [from, to]: [PlanePoint, PlanePoint] = [
    [x, y],
    [toX, toY],
  ];
  return Math.abs(bulge) < STRAIGHT ? { kind: 'line', from, to } : arcOf(from, to, bulge);
}

/**
 * Lines and arcs of a profile in the order of travel; corners that coincide give none.
 * @throws OutOfRange for fewer than two corners, or an arc of more than half a turn
 */
export function piecesOf(profile: Profile): readonly Piece[] {
  atLeast('corners', profile, 2);
  return profile.slice(0, -1).flatMap((corner, i) => {
    const next = profile[i + 1]!;
    if (Math.abs(corner[2]) > MOST_BULGE + STRAIGHT)
      throw new OutOfRange('bulge', corner[2], -MOST_BULGE, MOST_BULGE);
    return corner[0] === next[0] && corner[1] === next[1] ? [] : [pieceBetween(corner, next)];
  });
}

/** The profile of pieces that join end to end. */
export const profileOf = (pieces: readonly Piece[]): Profile => [
  ...pieces.map((piece): Corner => [
    piece.from[0],
    piece.from[1],
    piece.kind === 'arc' ? bulgeOf(piece.sweepRad) : 0,
  ]),
  ...pieces.slice(-1).map(({ to }): Corner => [to[0], to[1], 0]),
];

/** Length of a piece, mm. */
export const pieceLength = (piece: Piece): number =>
  piece.kind === 'line' ? distanceOf(piece.from, piece.to) : piece.radiusMm * Math.abs(piece.sweepRad);

/** Length of a profile along its lines and arcs, mm. */
export const profileLength = (profile: Profile): number =>
  piecesOf(profile).reduce((sum, piece) => sum + pieceLength(piece), 0);

/** A point on a piece at a share of its length, 0 to 1. */
export function pointOn(piece: Piece, share: number): PlanePoint {
  if (share === 0) return piece.from;
  if (share === 1) return piece.to;
  if (piece.kind === 'line')
    return [
      piece.from[0] + (piece.to[0] - piece.from[0]) * share,
      piece.from[1] + (piece.to[1] - piece.from[1]) * share,
    ];
  const [x, y] = turnedBy(piece.sweepRad * share, minus(piece.from, piece.centre));
  return [piece.centre[0] + x, piece.centre[1] + y];
}

/** Direction of travel at a share of a piece, of length 1. */
export function directionOn(piece: Piece, share: number): PlanePoint {
  if (piece.kind === 'line') {
    const [dx, dy] = minus(piece.to, piece.from);
    const length = Math.hypot(dx, dy);
    return [dx / length, dy / length];
  }
  return tangentAt(piece, pointOn(piece, share));
}

/** Direction of travel at a place of an arc, of length 1. */
export function tangentAt({ centre, radiusMm, sweepRad }: ArcPiece, at: PlanePoint): PlanePoint {
  const [x, y] = leftOf(minus(at, centre));
  const sign = Math.sign(sweepRad) / radiusMm;
  return [x * sign, y * sign];
}

/** The profile reflected in the y axis and run backwards, so that the tool stays on the left of travel. */
export const mirrored = (profile: Profile): Profile =>
  profile.map((_, i): Corner => {
    const at = profile.length - 1 - i;
    const [x, y] = profile[at]!;
    return [-x, y, profile[at - 1]?.[2] ?? 0];
  });

/** The profile run the other way: the sides of travel change places. */
export const reversed = (profile: Profile): Profile =>
  profile.map((_, i): Corner => {
    const at = profile.length - 1 - i;
    const [x, y] = profile[at]!;
    return [x, y, -(profile[at - 1]?.[2] ?? 0)];
  });

/** Two profiles of which the second begins where the first ends. */
export const joined = (first: Profile, second: Profile): Profile => [...first.slice(0, -1), ...second];

/** The profile moved by (dx, dy) mm. */
export const moved = (profile: Profile, dxMm: number, dyMm: number): Profile =>
  profile.map(([x, y, bulge]): Corner => [x + dxMm, y + dyMm, bulge]);

/** The profile with all its sizes multiplied by a factor. */
export const scaled = (profile: Profile, factor: number): Profile =>
  profile.map(([x, y, bulge]): Corner => [x * factor, y * factor, bulge]);

/** Smallest and largest x and y, mm. */
export interface Bounds {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** Smallest and largest x and y of a profile, arcs reckoned as arcs. */
export function boundsOf(profile: Profile): Bounds {
  const points = piecesOf(profile).flatMap((piece): readonly PlanePoint[] => {
    if (piece.kind === 'line') return [piece.from, piece.to];
    const { centre, radiusMm } = piece;
    const poles = (
      [
        [1, 0],
        [0, 1],
        [-1, 0],
        [0, -1],
      ] as const
    ).filter((way) => isOnSweep(piece, way));
    return [
      piece.from,
      piece.to,
      ...poles.map(([x, y]): PlanePoint => [centre[0] + x * radiusMm, centre[1] + y * radiusMm]),
    ];
  });
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) };
}

/** Whether a direction from the centre of an arc lies within what the arc sweeps. */
export function isOnSweep({ from, centre, sweepRad }: ArcPiece, way: PlanePoint): boolean {
  const inWay = angleBetween(minus(from, centre), way) * Math.sign(sweepRad);
  const positiveTurn = inWay < -STRAIGHT ? inWay + 2 * Math.PI : Math.max(0, inWay);
  return positiveTurn <= Math.abs(sweepRad) + STRAIGHT;
}

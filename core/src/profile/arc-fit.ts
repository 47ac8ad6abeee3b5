import { circleThrough } from '../quantity/circle-fit';
import { angleBetween, cross, distanceOf, minus, type PlanePoint } from '../quantity/plane';
import { OutOfRange, atLeast, positive } from '../quantity/out-of-range';
import { Matrix, solve } from 'ml-matrix';
import { footOn } from './nearest';
import { bulgeOfRadius, pieceBetween, radiusOfBulge, type Corner, type Piece, type Profile } from './profile';

/** Share of the product of the sides below which three points lie on a line. */
const COLLINEAR = 1e-12;

/** Circle through three points. @throws OutOfRange when they lie on a line */
export function circleOfThree(a: PlanePoint, b: PlanePoint, c: PlanePoint) {
  const [u, v] = [minus(b, a), minus(c, a)];
  const [[ux, uy], [vx, vy]] = [u, v];
  const twice = 2 * cross(u, v);
  const sides = distanceOf(a, b) * distanceOf(b, c) * distanceOf(c, a);
  if (!(Math.abs(twice) > COLLINEAR * sides)) throw new OutOfRange('bend of three points', twice, 0);
  const [uu, vv] = [ux * ux + uy * uy, vx * vx + vy * vy];
  const centre: PlanePoint = [a[0] + (vy * uu - uy * vv) / twice, a[1] + (ux * vv - vx * uu) / twice];
  return { centre, radiusMm: distanceOf(centre, a) };
}

const STEP_DONE = 1e-14;
const MOST_STEPS = 60;

/**
 * The circle of least squares of the distances, sum (|p - c| - R)^2: the algebraic fit, then Gauss-Newton on
 * centre and radius. Trust it from 2 degrees of arc upwards.
 *
 * @param points  three at least, not on a line
 * @returns with the largest distance of a point from the circle
 */
export function circleOfBestFit(points: readonly PlanePoint[]) {
  const start = circleThrough(points);
  if (start === null) throw new OutOfRange('bend of the points', 0, 0);
  let [x, y, radius] = [start.x, start.y, start.radius];
  for (let i = 0; i < MOST_STEPS; i += 1) {
    const rows = points.map(([px, py]) => {
      const far = Math.hypot(px - x, py - y);
      return { row: [-(px - x) / far, -(py - y) / far, -1], rest: far - radius };
    });
    const step = solve(
      new Matrix(rows.map(({ row }) => row)),
      Matrix.columnVector(rows.map(({ rest }) => -rest)),
    ).to1DArray() as [number, number, number];
    [x, y, radius] = [x + step[0], y + step[1], radius + step[2]];
    if (Math.hypot(...step) < STEP_DONE * Math.max(1, radius)) break;
  }
  const centre: PlanePoint = [x, y];
  return {
    centre,
    radiusMm: radius,
    maxDeviationMm: Math.max(...points.map((point) => Math.abs(distanceOf(point, centre) - radius))),
  };
}

/** A point of a smooth curve with its direction of travel, of length 1. */
export interface CurvePoint {
  readonly at: PlanePoint;
  readonly direction: PlanePoint;
}

/**
 * Two arcs from one point and direction to another that share a tangent where they join. With v from start to
 * end, t the sum of the directions and c their product: d = v.v / (v.t + sqrt((v.t)^2 + 2 (1 - c) v.v)),
 * join = (p0 + d t0 + p1 - d t1) / 2.
 *
 * @returns radii positive to the left, Infinity for a line
 */
export function biarc(start: CurvePoint, end: CurvePoint) {
  const v = minus(end.at, start.at);
  const [t0, t1] = [start.direction, end.direction];
  const across = v[0] * (t0[0] + t1[0]) + v[1] * (t0[1] + t1[1]);
  const square = v[0] * v[0] + v[1] * v[1];
  const same = t0[0] * t1[0] + t0[1] * t1[1];
  const reach = square / (across + Math.sqrt(Math.max(0, across * across + 2 * (1 - same) * square)));
  if (!(reach > 0) || !Number.isFinite(reach)) throw new OutOfRange('reach of the arcs', reach, 0);
  const join: PlanePoint = [
    (start.at[0] + reach * t0[0] + end.at[0] - reach * t1[0]) / 2,
    (start.at[1] + reach * t0[1] + end.at[1] - reach * t1[1]) / 2,
  ];
  const bulges = [
    Math.tan(angleBetween(t0, minus(join, start.at)) / 2),
    Math.tan(angleBetween(minus(end.at, join), t1) / 2),
  ] as const;
  return {
    joinMm: join,
    bulges,
    firstRadiusMm: radiusOfBulge(distanceOf(start.at, join), bulges[0]),
    secondRadiusMm: radiusOfBulge(distanceOf(join, end.at), bulges[1]),
  };
}

/** Corners of a biarc from one curve point to the next, without the last. */
function biarcCorners(start: CurvePoint, end: CurvePoint): readonly [Corner, Corner] {
  const { joinMm, bulges } = biarc(start, end);
  return [
    [start.at[0], start.at[1], bulges[0]],
    [joinMm[0], joinMm[1], bulges[1]],
  ];
}

/** Farthest of the points from the nearer of some pieces. */
const farthest = (pieces: readonly Piece[], points: readonly PlanePoint[]): number =>
  points.reduce(
    (most, point) => Math.max(most, Math.min(...pieces.map((piece) => footOn(piece, point).distanceMm))),
    0,
  );

/**
 * The last index up to which a stretch from `from` still fits, found by doubling and then halving; the next
 * point always fits.
 */
function longestStretch(from: number, last: number, fits: (to: number) => boolean): number {
  let [good, bad] = [from + 1, last + 1];
  for (let step = 2; from + step <= last; step *= 2) {
    if (!fits(from + step)) {
      bad = from + step;
      break;
    }
    good = from + step;
  }
  if (bad > last && fits(last)) return last;
  bad = Math.min(bad, last);
  while (bad - good > 1) {
    const middle = (good + bad) >> 1;
    if (fits(middle)) good = middle;
    else bad = middle;
  }
  return good;
}

/**
 * Arcs that follow a smooth curve within a tolerance, tangent to one another, their ends on the curve. From
 * each point the farthest point is sought whose pair of arcs keeps every point between within the tolerance.
 *
 * @param points  of the curve, close together, with exact directions
 */
export function arcsWithin(points: readonly CurvePoint[], toleranceMm: number): Profile {
  positive('tolerance', toleranceMm);
  const last = atLeast('points', points, 2).length - 1;
  const places = points.map(({ at }) => at);
  const corners: Corner[] = [];
  for (let from = 0; from < last;) {
    const fits = (to: number): boolean => {
      const [a, b] = biarcCorners(points[from]!, points[to]!);
      const end: Corner = [...points[to]!.at, 0];
      return farthest([pieceBetween(a, b), pieceBetween(b, end)], places.slice(from + 1, to)) <= toleranceMm;
    };
    const to = longestStretch(from, last, fits);
    corners.push(...biarcCorners(points[from]!, points[to]!));
    from = to;
  }
  return [...corners, [...places[last]!, 0]];
}

/**
 * One line or arc from the first of some points to the last: the line where it follows them within the tolerance,
 * otherwise the arc of best fit, no more than half a circle.
 */
function pieceThrough(points: readonly PlanePoint[], toleranceMm: number): Corner {
  const [from, to] = [points[0]!, points[points.length - 1]!];
  const straight: Corner = [from[0], from[1], 0];
  const chord: Piece = { kind: 'line', from, to };
  if (points.length < 3 || farthest([chord], points) <= toleranceMm) return straight;
  const circle = circleThrough(points);
  const leftOfChord = cross(minus(to, from), minus(points[points.length >> 1]!, from));
  if (circle === null || leftOfChord === 0) return straight;
  const chordMm = distanceOf(from, to);
  const radiusMm = Math.max(circle.radius, chordMm / 2);
  // Points that lie left of the chord are passed by turning right.
  return [from[0], from[1], bulgeOfRadius(chordMm, leftOfChord > 0 ? -radiusMm : radiusMm)];
}

/**
 * Lines and arcs through measured or traced points within a tolerance; each begins and ends at a point. A
 * line is taken where one fits, otherwise the arc of best fit. Neighbours need not share a tangent.
 *
 * @param points  in order along the form, two at least
 */
export function piecesWithin(points: readonly PlanePoint[], toleranceMm: number): Profile {
  positive('tolerance', toleranceMm);
  const last = atLeast('points', points, 2).length - 1;
  const corners: Corner[] = [];
  for (let from = 0; from < last;) {
    const fits = (to: number): boolean => {
      const stretch = points.slice(from, to + 1);
      const corner = pieceThrough(stretch, toleranceMm);
      return farthest([pieceBetween(corner, [...points[to]!, 0])], stretch) <= toleranceMm;
    };
    const to = longestStretch(from, last, fits);
    corners.push(pieceThrough(points.slice(from, to + 1), toleranceMm));
    from = to;
  }
  return [...corners, [...points[last]!, 0]];
}

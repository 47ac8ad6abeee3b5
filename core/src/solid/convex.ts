import { cross, dot, lengthOf, minus, plus, times, unit, type Vector } from '../quantity/vector';

/** A flat face of a solid: its corners in order, counter-clockwise from outside, and what made it. */
export interface FlatFace {
  readonly corners: readonly Vector[];
  readonly normal: Vector;
  /** Name of what made the face; null for one that only parts a solid into pieces. */
  readonly by: string | null;
}

/** A convex solid as its faces; one without faces has no volume. */
export type ConvexSolid = readonly FlatFace[];

/** A half-space that keeps what lies at normal . p <= offset. */
export interface HalfSpace {
  readonly normal: Vector;
  readonly offset: number;
}

const EPSILON = 1e-9;

/** A box from its least to its greatest corner. */
export function box([x0, y0, z0]: Vector, [x1, y1, z1]: Vector, by: string): ConvexSolid {
  return extruded(
    [
      [y0, z0],
      [y1, z0],
      [y1, z1],
      [y0, z1],
    ],
    x0,
    x1,
    by,
  );
}

/** A prism along x from its section in y and z, corners counter-clockwise seen from x+. */
export function extruded(
  section: readonly (readonly [y: number, z: number])[],
  fromX: number,
  toX: number,
  by: string,
): ConvexSolid {
  const end = (x: number): Vector[] => section.map(([y, z]) => [x, y, z]);
  const [back, front] = [end(fromX), end(toX)];
  const sides = section.map((_, i): Vector[] => {
    const j = (i + 1) % section.length;
    return [back[i]!, back[j]!, front[j]!, front[i]!];
  });
  return [[...back].reverse(), front, ...sides].map((corners) => ({
    corners,
    normal: unit(cross(minus(corners[1]!, corners[0]!), minus(corners[2]!, corners[1]!))),
    by,
  }));
}

/** Cuts one face by a plane; the points where the plane crosses it are noted for the new face. */
function clipFace(face: FlatFace, { normal, offset }: HalfSpace, rim: Vector[]): FlatFace | null {
  const heights = face.corners.map((corner) => dot(normal, corner) - offset);
  if (heights.every((h) => h <= EPSILON)) {
    face.corners.forEach((corner, i) => {
      if (heights[i]! > -EPSILON) rim.push(corner);
    });
    return face;
  }
  const kept: Vector[] = [];
  face.corners.forEach((corner, i) => {
    const j = (i + 1) % face.corners.length;
    const [h, next] = [heights[i]!, heights[j]!];
    if (h <= EPSILON) kept.push(corner);
    if (Math.abs(h) <= EPSILON) rim.push(corner);
    if ((h < -EPSILON && next > EPSILON) || (h > EPSILON && next < -EPSILON)) {
      const at = plus(corner, times(minus(face.corners[j]!, corner), h / (h - next)));
      kept.push(at);
      rim.push(at);
    }
  });
  return kept.length >= 3 ? { ...face, corners: kept } : null;
}

/** The corners of a new face in order about its middle, without doubles. */
function closed(rim: readonly Vector[], normal: Vector): readonly Vector[] {
  const corners = rim.filter(
    (point, i) => !rim.slice(0, i).some((before) => lengthOf(minus(point, before)) < 1e-7),
  );
  if (corners.length < 3) return [];
  const middle = times(corners.reduce(plus), 1 / corners.length);
  const across = unit(minus(corners[0]!, middle));
  const up = cross(normal, across);
  const angle = (point: Vector): number => {
    const from = minus(point, middle);
    return Math.atan2(dot(from, up), dot(from, across));
  };
  return [...corners].sort((a, b) => angle(a) - angle(b));
}

/**
 * What is left of a convex solid in a half-space. The cut makes one new face.
 * @param by  what made the face; null when the cut only parts the solid
 */
export function clipped(solid: ConvexSolid, half: HalfSpace, by: string | null): ConvexSolid {
  const rim: Vector[] = [];
  const faces = solid.flatMap((face) => clipFace(face, half, rim) ?? []);
  if (faces.length === 0) return [];
  if (faces.length === solid.length && faces.every((face, i) => face === solid[i])) return solid;
  const corners = closed(rim, half.normal);
  return corners.length === 0 ? faces : [...faces, { corners, normal: half.normal, by }];
}

/** The other side of a half-space. */
export const beyond = ({ normal, offset }: HalfSpace): HalfSpace => ({
  normal: times(normal, -1),
  offset: -offset,
});

/** Volume of a closed solid from its faces: the sum of a . (b x c) / 6 over their triangles. */
export const volumeOf = (faces: readonly FlatFace[]): number =>
  faces.reduce(
    (sum, { corners }) =>
      sum
      + corners
        .slice(2)
        .reduce((part, corner, i) => part + dot(corners[0]!, cross(corners[i + 1]!, corner)) / 6, 0),
    0,
  );

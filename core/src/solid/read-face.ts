import { cross, dot, lengthOf, minus, plus, times, unit, type Vector } from '../quantity/vector';
import type { Facet } from './solid-cut';

/** A face that a step left on a solid, read from its facets alone. */
export interface FaceRead {
  /** Of the flat face, or of the chord plane of a hollow one. */
  readonly normal: Vector;
  readonly areaMm2: number;
  /** From edge to heel; of a flat face its greatest width square to its level line. */
  readonly widthMm: number;
  /** What the wheel hollowed out; null for a flat face. */
  readonly hollow: { readonly radiusMm: number; readonly sagittaMm: number } | null;
}

/** Facets that turn less than this from the mean are one flat face, as a cosine (0.3°). */
const FLAT = Math.cos((0.3 * Math.PI) / 180);
const LEAST_AREA_MM2 = 1e-4;

/** Area of a facet, mm². */
export const facetArea = ({ corners }: Facet): number =>
  lengthOf(
    corners
      .slice(2)
      .reduce<Vector>(
        (sum, corner, i) => plus(sum, cross(minus(corners[i + 1]!, corners[0]!), minus(corner, corners[0]!))),
        [0, 0, 0],
      ),
  ) / 2;

/** The wall in which a grind ends: square to the shank, at its reach. */
const isWall = ({ normal, corners }: Facet, reachMm: number): boolean =>
  normal[0] > 1 - 1e-6 && corners.every(([x]) => Math.abs(x + reachMm) < 1e-3);

const meanNormal = (facets: readonly Facet[]): Vector =>
  unit(facets.reduce<Vector>((sum, facet) => plus(sum, times(facet.normal, facetArea(facet))), [0, 0, 0]));

/** Range of a value over the corners of facets. */
function span(facets: readonly Facet[], of: (corner: Vector) => number) {
  const corners = facets.flatMap((facet) => facet.corners);
  const least = corners.reduce((one, other) => (of(other) < of(one) ? other : one));
  const most = corners.reduce((one, other) => (of(other) > of(one) ? other : one));
  return { least, most, width: of(most) - of(least) };
}

/** Axis of a round face: the direction that none of its normals has a part of. */
function axisOf(facets: readonly Facet[], mean: Vector): Vector {
  const turned = facets.map((facet) => times(cross(mean, facet.normal), facetArea(facet)));
  const largest = turned.reduce((one, other) => (lengthOf(other) > lengthOf(one) ? other : one));
  return unit(
    turned.reduce<Vector>((sum, one) => plus(sum, dot(one, largest) < 0 ? times(one, -1) : one), [0, 0, 0]),
  );
}

/** Radius of the circle nearest to points in a plane, by least squares of x² + y² = ax + by + c. */
function circleRadius(points: readonly (readonly [number, number])[]): number {
  const n = points.length;
  const sum = (of: (x: number, y: number) => number): number =>
    points.reduce((total, [x, y]) => total + of(x, y), 0);
  const [mx, my] = [sum((x) => x) / n, sum((_, y) => y) / n];
  const of = (f: (x: number, y: number) => number): number => sum((x, y) => f(x - mx, y - my));
  const [xx, yy, xy] = [of((x) => x * x), of((_, y) => y * y), of((x, y) => x * y)];
  const [xr, yr] = [of((x, y) => x * (x * x + y * y)), of((x, y) => y * (x * x + y * y))];
  const determinant = xx * yy - xy * xy;
  const cx = (xr * yy - yr * xy) / (2 * determinant);
  const cy = (yr * xx - xr * xy) / (2 * determinant);
  return Math.sqrt(cx * cx + cy * cy + (xx + yy) / n);
}

function readHollow(facets: readonly Facet[], mean: Vector, areaMm2: number, nose: Vector): FaceRead {
  const axis = axisOf(facets, mean);
  const across = unit(cross(axis, mean));
  const edge = span(facets, (corner) => -lengthOf(minus(corner, nose))).most;
  const { least, most } = span(facets, (corner) => dot(corner, across));
  const heel = dot(minus(most, edge), across) > dot(minus(edge, least), across) ? most : least;
  const chord = minus(heel, edge);
  const level = minus(chord, times(axis, dot(chord, axis)));
  const normal = unit(cross(level, axis));
  const points = facets.flatMap(({ corners }) =>
    corners.map((corner) => [dot(corner, across), dot(corner, mean)] as const),
  );
  const radiusMm = circleRadius(points);
  const widthMm = lengthOf(level);
  return {
    normal: dot(normal, mean) < 0 ? times(normal, -1) : normal,
    areaMm2,
    widthMm,
    hollow: { radiusMm, sagittaMm: radiusMm - Math.sqrt(Math.max(0, radiusMm ** 2 - widthMm ** 2 / 4)) },
  };
}

/**
 * Reads the face that a step left: a plane fitted to its flat facets, or a round to its hollow ones
 * with the chord plane from the edge at the nose to the heel. The wall at the end of its reach does
 * not count.
 *
 * @returns null when nothing of the face is left
 */
export function readFace(
  facets: readonly Facet[],
  by: string,
  reachMm: number,
  nose: Vector,
): FaceRead | null {
  const own = facets.filter((facet) => facet.by === by && !isWall(facet, reachMm));
  const areaMm2 = own.reduce((sum, facet) => sum + facetArea(facet), 0);
  if (areaMm2 < LEAST_AREA_MM2) return null;
  const mean = meanNormal(own);
  if (own.some((facet) => dot(facet.normal, mean) < FLAT && facetArea(facet) > LEAST_AREA_MM2))
    return readHollow(own, mean, areaMm2, nose);
  const level = unit(cross([0, 0, 1], mean));
  const { width } = span(own, (corner) => dot(corner, cross(mean, level)));
  return { normal: mean, areaMm2, widthMm: width, hollow: null };
}

/** A section square to the shank: its area and how wide and high it is, mm. */
export interface SectionRead {
  readonly atMm: number;
  readonly areaMm2: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The points in y and z at which a plane x = const crosses a facet, in the facet's own sense. */
function crossing({ corners }: Facet, x: number): readonly (readonly [number, number])[] {
  return corners.flatMap((from, i) => {
    const to = corners[(i + 1) % corners.length]!;
    if (from[0] < x === to[0] < x) return [];
    const share = (x - from[0]) / (to[0] - from[0]);
    const at = plus(from, times(minus(to, from), share));
    return [[at[1], at[2]] as const];
  });
}

/**
 * The section of a solid square to the shank, from the segments at which the plane crosses its faces.
 * @param atMm  x of the plane, not through a corner of the solid
 */
export function sectionAt(facets: readonly Facet[], atMm: number): SectionRead {
  const segments = facets.flatMap((facet) => {
    const [a, b] = crossing(facet, atMm);
    return a && b ? [{ a, b, normal: facet.normal }] : [];
  });
  const points = segments.flatMap(({ a, b }) => [a, b]);
  if (points.length === 0) return { atMm, areaMm2: 0, widthMm: 0, heightMm: 0 };
  const [ys, zs] = [points.map(([y]) => y), points.map(([, z]) => z)];
  const areaMm2 = segments.reduce((sum, { a, b, normal }) => {
    // Green: half the sum of the distance of each segment from the origin times its length.
    const along = [b[0] - a[0], b[1] - a[1]] as const;
    const outward = Math.sign(along[1] * normal[1] - along[0] * normal[2]);
    return sum + (outward * (a[0] * along[1] - a[1] * along[0])) / 2;
  }, 0);
  return {
    atMm,
    areaMm2: Math.abs(areaMm2),
    widthMm: Math.max(...ys) - Math.min(...ys),
    heightMm: Math.max(...zs) - Math.min(...zs),
  };
}

import { distanceOf, type PlanePoint } from '../quantity/plane';
import { atLeast } from '../quantity/out-of-range';

const LEVELS = 256;

/**
 * The brightness that parts a picture best into dark and light (Otsu, 1979): the one with the largest variance
 * between the two.
 *
 * @param grey  brightness of the pixels, 0 to 255
 */
export function partingBrightness(grey: ArrayLike<number>): number {
  const counts = new Float64Array(LEVELS);
  for (let i = 0; i < grey.length; i += 1) counts[grey[i]! & 255]! += 1;
  const whole = counts.reduce((sum, count, level) => sum + level * count, 0);
  let [below, sumBelow, best, level] = [0, 0, -1, LEVELS / 2];
  for (let at = 0; at < LEVELS - 1; at += 1) {
    below += counts[at]!;
    sumBelow += at * counts[at]!;
    const above = grey.length - below;
    if (below === 0 || above === 0) continue;
    const between = below * above * (sumBelow / below - (whole - sumBelow) / above) ** 2;
    if (between > best) {
      best = between;
      level = at + 0.5;
    }
  }
  return level;
}

const squareOf = (a: PlanePoint, b: PlanePoint): number => (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2;

/** Number of the point of a ring that is nearest to a place. */
const nearestOn = (ring: readonly PlanePoint[], place: PlanePoint): number =>
  ring.reduce((best, point, i) => (squareOf(point, place) < squareOf(ring[best]!, place) ? i : best), 0);

/** The part of a closed ring from one point to another, going on in its order. */
const partOf = (ring: readonly PlanePoint[], from: number, to: number): readonly PlanePoint[] =>
  from <= to ? ring.slice(from, to + 1) : [...ring.slice(from), ...ring.slice(0, to + 1)];

/** Length of a chain of points. */
export const chainLength = (points: readonly PlanePoint[]): number =>
  points.slice(1).reduce((sum, point, i) => sum + distanceOf(point, points[i]!), 0);

/**
 * The stretch of an outline between two places: of the outlines the one that passes both nearest, of its two
 * ways the shorter.
 *
 * @param rings  closed outlines, their first point not repeated
 */
export function outlineBetween(
  rings: readonly (readonly PlanePoint[])[],
  from: PlanePoint,
  to: PlanePoint,
): readonly PlanePoint[] {
  atLeast('outlines', rings, 1);
  const reach = (ring: readonly PlanePoint[]): number =>
    squareOf(ring[nearestOn(ring, from)]!, from) + squareOf(ring[nearestOn(ring, to)]!, to);
  const ring = rings.reduce((best, one) => (reach(one) < reach(best) ? one : best));
  const [a, b] = [nearestOn(ring, from), nearestOn(ring, to)];
  const [ahead, back] = [partOf(ring, a, b), [...partOf(ring, b, a)].reverse()];
  return chainLength(ahead) <= chainLength(back) ? ahead : back;
}

/** Points of a chain no nearer than a distance to the one kept before; its ends stay. */
export function thinned(points: readonly PlanePoint[], apart: number): readonly PlanePoint[] {
  let last: PlanePoint | null = null;
  return points.filter((point, i) => {
    const keeps = last === null || i === points.length - 1 || squareOf(point, last) >= apart * apart;
    if (keeps) last = point;
    return keeps;
  });
}

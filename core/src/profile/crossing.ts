import { cross, minus, type PlanePoint } from '../quantity/plane';

/** Which way three points turn: positive to the left. */
const turn = (a: PlanePoint, b: PlanePoint, c: PlanePoint): number => cross(minus(b, a), minus(c, a));

const isBetween = (a: PlanePoint, b: PlanePoint, c: PlanePoint): boolean =>
  Math.min(a[0], b[0]) <= c[0]
  && c[0] <= Math.max(a[0], b[0])
  && Math.min(a[1], b[1]) <= c[1]
  && c[1] <= Math.max(a[1], b[1]);

/** Whether two chords have a point in common; touching counts. */
function chordsMeet(a: PlanePoint, b: PlanePoint, c: PlanePoint, d: PlanePoint): boolean {
  const [abc, abd, cda, cdb] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)];
  if (abc * abd < 0 && cda * cdb < 0) return true;
  return (
    (abc === 0 && isBetween(a, b, c))
    || (abd === 0 && isBetween(a, b, d))
    || (cda === 0 && isBetween(c, d, a))
    || (cdb === 0 && isBetween(c, d, b))
  );
}

/**
 * Where a chain of points crosses or touches itself: the numbers of the first two chords that do, or null.
 * Neighbours share a point and do not count, nor do the first and the last of a chain that ends where it
 * began. The chords are swept in the order of their left ends, so that a long chain stays quick.
 */
export function selfCrossing(points: readonly PlanePoint[]): readonly [number, number] | null {
  const count = points.length - 1;
  const [first, last] = [points[0], points[count]];
  const isClosed = first !== undefined && last !== undefined && first[0] === last[0] && first[1] === last[1];
  const leftOf = (i: number): number => Math.min(points[i]![0], points[i + 1]![0]);
  const rightOf = (i: number): number => Math.max(points[i]![0], points[i + 1]![0]);
  const order = Array.from({ length: count }, (_, i) => i).sort((a, b) => leftOf(a) - leftOf(b));
  let open: number[] = [];
  for (const i of order) {
    open = open.filter((other) => rightOf(other) >= leftOf(i));
    for (const other of open) {
      const apart = Math.abs(other - i);
      if (apart === 1 || (isClosed && apart === count - 1)) continue;
      if (chordsMeet(points[i]!, points[i + 1]!, points[other]!, points[other + 1]!))
        return [Math.min(i, other), Math.max(i, other)];
    }
    open.push(i);
  }
  return null;
}

import { atLeast } from './out-of-range';
import type { PlanePoint } from './plane';

/** Determinant of three rows of three. */
const determinant = ([a, b, c]: readonly (readonly number[])[]): number =>
  a![0]! * (b![1]! * c![2]! - b![2]! * c![1]!)
  - a![1]! * (b![0]! * c![2]! - b![2]! * c![0]!)
  + a![2]! * (b![0]! * c![1]! - b![1]! * c![0]!);

/** Below this the points lie on a line, as far as arithmetic tells. */
const FLAT = 1e-18;

/**
 * The circle nearest to some points, by least squares of x^2 + y^2 = a x + b y + c (Kåsa, 1976): exact
 * for points on a circle, also on a short arc.
 *
 * @param points  three at least
 * @returns null when they lie on a straight line
 * @example circleThrough([[1, 0], [0, 1], [-1, 0]])!.radius // 1
 */
export function circleThrough(points: readonly PlanePoint[]) {
  const n = atLeast('points', points, 3).length;
  const mean = (of: (point: PlanePoint) => number): number =>
    points.reduce((sum, point) => sum + of(point), 0) / n;
  const [mx, my] = [mean(([x]) => x), mean(([, y]) => y)];
  const moved = points.map(([x, y]): PlanePoint => [x - mx, y - my]);
  const sum = (of: (x: number, y: number) => number): number =>
    moved.reduce((total, [x, y]) => total + of(x, y), 0);
  const rows = [
    [sum((x) => x * x), sum((x, y) => x * y), sum((x) => x)],
    [sum((x, y) => x * y), sum((_, y) => y * y), sum((_, y) => y)],
    [sum((x) => x), sum((_, y) => y), n],
  ];
  const right = [
    sum((x, y) => x * (x * x + y * y)),
    sum((x, y) => y * (x * x + y * y)),
    sum((x, y) => x * x + y * y),
  ];
  const whole = determinant(rows);
  if (!(Math.abs(whole) > FLAT)) return null;
  const [a, b, c] = [0, 1, 2].map(
    (column) =>
      determinant(rows.map((row, i) => row.map((one, j) => (j === column ? right[i]! : one)))) / whole,
  ) as [number, number, number];
  return { x: mx + a / 2, y: my + b / 2, radius: Math.sqrt(c + (a * a + b * b) / 4) };
}

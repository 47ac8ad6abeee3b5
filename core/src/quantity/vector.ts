/** A point or a direction in space: x, y, z. */
export type Vector = readonly [x: number, y: number, z: number];

export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

export const plus = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const minus = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Vector, factor: number): Vector => [a[0] * factor, a[1] * factor, a[2] * factor];
export const lengthOf = (a: Vector): number => Math.hypot(...a);

/** The direction of a vector, of length 1; the zero vector has none and stays as it is. */
export const unit = (a: Vector): Vector => times(a, 1 / (lengthOf(a) || 1));

/** The mirror image in the plane y = 0. */
export const mirrored = ([x, y, z]: Vector): Vector => [x, -y, z];

/**
 * The point that three planes n . p = d have in common.
 *
 * @returns null when two of them are parallel, or all three meet along a line
 */
export function commonPoint(
  normals: readonly [Vector, Vector, Vector],
  offsets: readonly [number, number, number],
): Vector | null {
  const [a, b, c] = normals;
  const determinant = dot(a, cross(b, c));
  if (Math.abs(determinant) < 1e-12) return null;
  const sum = plus(
    plus(times(cross(b, c), offsets[0]), times(cross(c, a), offsets[1])),
    times(cross(a, b), offsets[2]),
  );
  return times(sum, 1 / determinant);
}

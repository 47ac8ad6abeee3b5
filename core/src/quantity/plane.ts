/** A place or a direction in the plane; x runs right, y runs up, angles count to the left (counter-clockwise). */
export type PlanePoint = readonly [x: number, y: number];

/** The way from b to a. */
export const minus = (a: PlanePoint, b: PlanePoint): PlanePoint => [a[0] - b[0], a[1] - b[1]];

/** Distance of two places. */
export const distanceOf = (a: PlanePoint, b: PlanePoint): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** Cross product of two directions: positive when the second points to the left of the first. */
export const cross = (a: PlanePoint, b: PlanePoint): number => a[0] * b[1] - a[1] * b[0];

/** Angle from one direction to another, radians, from -pi to pi. */
export const angleBetween = (a: PlanePoint, b: PlanePoint): number =>
  Math.atan2(cross(a, b), a[0] * b[0] + a[1] * b[1]);

/** A direction turned a quarter to the left: the left normal of a direction of travel. */
export const leftOf = ([x, y]: PlanePoint): PlanePoint => [-y, x];

/** A place turned about the origin. */
export const turnedBy = (angleRad: number, [x, y]: PlanePoint): PlanePoint => [
  x * Math.cos(angleRad) - y * Math.sin(angleRad),
  x * Math.sin(angleRad) + y * Math.cos(angleRad),
];

/**
 * A place by its radius and its angle from the +y axis, clockwise: how the teeth of a gear are described.
 * @example polar(10, Math.PI / 2) // [10, 0]
 */
export const polar = (radius: number, angleRad: number): PlanePoint => [
  radius * Math.sin(angleRad),
  radius * Math.cos(angleRad),
];

/**
 * Angle that is turned to the left from one direction to another, more than 0 and up to a whole turn, radians.
 * @example leftTurn(0, 0) // 2 pi
 */
export function leftTurn(fromRad: number, toRad: number): number {
  const whole = 2 * Math.PI;
  return (((toRad - fromRad) % whole) + whole) % whole || whole;
}

import { positive } from '../quantity/out-of-range';
import type { Vector } from '../quantity/vector';
import { extruded, type ConvexSolid } from './convex';
import { BLANK, type Blank } from './solid-cut';

/** Sides of the polygon that stands for a round blank. */
const ROUND_SIDES = 96;

type Corner = readonly [y: number, z: number];

/** Section of a blank, corners counter-clockwise seen from the front. */
export function blankSection({ section, widthMm, heightMm }: Blank): readonly Corner[] {
  positive('width of the blank', widthMm);
  positive('height of the blank', heightMm);
  if (section === 'square')
    return [
      [-widthMm, -heightMm],
      [0, -heightMm],
      [0, 0],
      [-widthMm, 0],
    ];
  const r = widthMm / 2;
  return Array.from({ length: ROUND_SIDES }, (_, i): Corner => {
    const at = ((i + 0.5) / ROUND_SIDES) * 2 * Math.PI;
    return [-r + r * Math.cos(at), -r + r * Math.sin(at)];
  });
}

/** The blank as a convex solid. */
export const blankSolid = (blank: Blank): ConvexSolid =>
  extruded(blankSection(blank), -positive('length of the blank', blank.lengthMm), 0, BLANK);

/** Whether a point lies in the section of a blank, wherever along the shank. */
export function inBlank({ section, widthMm, heightMm }: Blank, [, y, z]: Vector): boolean {
  const r = widthMm / 2;
  return section === 'round'
    ? Math.hypot(y + r, z + r) <= r
    : y <= 0 && y >= -widthMm && z <= 0 && z >= -heightMm;
}

/**
 * How far a ray from a point in a blank goes until it leaves its section, mm; Infinity along the shank.
 * @example leavesBlank({ section: 'round', widthMm: 10, … }, [0, -5, -5], [0, 0, -1]) // 5: from the middle
 */
export function leavesBlank(
  { section, widthMm, heightMm }: Blank,
  [, y, z]: Vector,
  [, dy, dz]: Vector,
): number {
  if (section === 'round') {
    const r = widthMm / 2;
    const [py, pz] = [y + r, z + r];
    const a = dy * dy + dz * dz;
    const b = py * dy + pz * dz;
    const c = py * py + pz * pz - r * r;
    return a === 0 ? Infinity : (Math.sqrt(Math.max(0, b * b - a * c)) - b) / a;
  }
  const until = (at: number, step: number, least: number): number =>
    step === 0 ? Infinity : ((step < 0 ? least : 0) - at) / step;
  return Math.min(until(y, dy, -widthMm), until(z, dz, -heightMm));
}

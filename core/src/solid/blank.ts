import { positive } from '../quantity/out-of-range';
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

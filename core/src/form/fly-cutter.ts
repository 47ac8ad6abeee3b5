import { DEG } from '../quantity/angle';
import { lastWhere } from '../quantity/bisection';
import { OutOfRange, atLeast, positive, within } from '../quantity/out-of-range';
import { wholeWithin } from '../quantity/whole-within';

/** Clearance beyond what just clears the heel, degrees. */
export const CLEARANCE_RESERVE_DEG = 3;
/** A flank with less relief than this rubs, degrees. */
export const LEAST_FLANK_RELIEF_DEG = 2;

/**
 * Clearance with which the heel of a fly cutter just clears: asin(b / S) / 2, degrees.
 * @param swingMm  S, tip to axis
 * @param bodyMm   b, thickness behind the edge
 */
export function heelClearance(swingMm: number, bodyMm: number): number {
  positive('swing radius', swingMm);
  return Math.asin(within('thickness of the body', bodyMm, 0, swingMm) / swingMm) / 2 / DEG;
}

/** Width of a form at a depth below its tip, mm. */
export type WidthAt = readonly [depthMm: number, widthMm: number];

/**
 * Area that a form has taken out when it stands at a depth: the widths straight between those given.
 * @throws OutOfRange beyond the last depth
 */
export function areaTo(widths: readonly WidthAt[], depthMm: number): number {
  const last = widths[widths.length - 1]![0];
  within('depth', depthMm, 0, last);
  return widths.slice(1).reduce((sum, [to, wide], i) => {
    const [from, narrow] = widths[i]!;
    const end = Math.min(to, depthMm);
    if (end <= from) return sum;
    const at = narrow + ((wide - narrow) * (end - from)) / (to - from);
    return sum + ((narrow + at) / 2) * (end - from);
  }, 0);
}

/**
 * Depths of the passes of a form: the rough passes share the area above the finish equally.
 *
 * @param widths       from the tip upwards, depths increasing from 0
 * @param roughPasses  1 to 40
 * @param finishMm     left for the last pass; 0: no finishing pass
 * @example formPasses([[0, 1], [1.25, 1.75], [2.5, 3.2]], 2.25, 3, 0.1) // [0.971, 1.649, 2.15, 2.25]
 */
export function formPasses(
  widths: readonly WidthAt[],
  wholeDepthMm: number,
  roughPasses: number,
  finishMm: number,
): readonly number[] {
  atLeast('widths', widths, 2).forEach(([depth, width], i) => {
    if (!(width >= 0)) throw new OutOfRange('width of the form', width, 0);
    if (i === 0 ? depth !== 0 : !(depth > widths[i - 1]![0]))
      throw new OutOfRange('depth of a width', depth, i === 0 ? 0 : widths[i - 1]![0]);
  });
  positive('whole depth', wholeDepthMm);
  within('finishing cut', finishMm, 0, wholeDepthMm * 0.9);
  wholeWithin('rough passes', roughPasses, 1, 40);
  const roughTo = wholeDepthMm - finishMm;
  const whole = areaTo(widths, roughTo);
  const roughs = Array.from({ length: roughPasses }, (_, i) => {
    if (i === roughPasses - 1) return roughTo;
    const share = (whole * (i + 1)) / roughPasses;
    return lastWhere((depth) => areaTo(widths, depth) < share, 0, roughTo);
  });
  return finishMm > 0 ? [...roughs, wholeDepthMm] : roughs;
}

import { DEG } from '../quantity/angle';

/** A wheel stops this far short of the neighbouring tooth, and of the centre, mm. */
const SHORT_MM = 0.3;

/**
 * Length of an end tooth, from its corner inwards, that a wheel can grind without touching the next.
 *
 * ```
 *   end view      T2 /        the wheel cuts between y = 0 and y = deepest; where the edge of T2
 *                   /         lies in that strip, the wheel stops short of it
 *     ____________ /
 *        T1       centre
 * ```
 *
 * @param deepestMm  height above the edge up to which the wheel cuts below it
 * @param gapMm      diameter at the centre that has no edge
 * @example toothReach({ teeth: 6, diameterMm: 12 }, 16, 0) // 2.7: the next stands 60° behind
 */
export function toothReach(
  { teeth, diameterMm }: { readonly teeth: number; readonly diameterMm: number },
  deepestMm: number,
  gapMm: number,
): number {
  const radius = diameterMm / 2;
  const pitch = teeth > 1 ? (360 / teeth) * DEG : Math.PI;
  const inStrip = Math.min(radius, deepestMm / Math.max(1e-9, Math.sin(pitch)));
  const next = teeth > 1 && Math.cos(pitch) > 1e-9 ? inStrip * Math.cos(pitch) : 0;
  return Math.max(0, radius - Math.max(gapMm / 2, next) - SHORT_MM);
}

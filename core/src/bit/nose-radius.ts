import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';

/**
 * A rounded nose against the sharp corner of the two edges, in plan: point angle = 180 - kappa - kappa'.
 *
 * @param noseRadiusMm  r_eps, above 0
 * @returns how far the arc stays behind the corner along its bisector, and along the shank
 * @example noseRounding(0.8, 90, 10).backMm // 0.153
 */
export function noseRounding(noseRadiusMm: number, kappaDeg: number, kappa2Deg: number) {
  positive('nose radius', noseRadiusMm);
  const pointDeg = within('point angle', 180 - kappaDeg - kappa2Deg, 1, 179);
  const half = Math.sin((pointDeg / 2) * DEG);
  return {
    pointDeg,
    alongBisectorMm: noseRadiusMm * (1 / half - 1),
    backMm: noseRadiusMm * (Math.cos(((kappaDeg - kappa2Deg) / 2) * DEG) / half - 1),
    /** From the corner along each edge to where the arc begins. */
    tangentMm: noseRadiusMm / Math.tan((pointDeg / 2) * DEG),
  };
}

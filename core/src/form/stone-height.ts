import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

/**
 * Where on a tapered stone, its axis square to the tool's face and its small end up, a wanted radius is found:
 * u = (rw - r0) / tan beta along the axis; moving the stone 1 mm changes the radius by tan beta. The half taper
 * is the clearance it leaves, square to the edge everywhere.
 *
 *   small end (r0) ---- u ---- tool face (rw) ---- towards the large end
 *
 * @param smallRadiusMm  r0, of the small end
 * @example stoneHeight(1.5, 5, 1.9).aboveSmallEndMm // 4.572
 */
export function stoneHeight(smallRadiusMm: number, halfTaperDeg: number, wantedRadiusMm: number) {
  positive('small end of the stone', smallRadiusMm);
  const perMm = Math.tan(within('half taper', halfTaperDeg, 0.1, 45) * DEG);
  if (!(wantedRadiusMm >= smallRadiusMm))
    throw new OutOfRange('radius on the stone', wantedRadiusMm, smallRadiusMm);
  return { aboveSmallEndMm: (wantedRadiusMm - smallRadiusMm) / perMm, radiusChangePerMm: perMm };
}

import { positive, within } from '../quantity/out-of-range';
import { checkedRadii, checkedWedge, faceDepth } from './flat-correction';

/**
 * Circular form tool for turning, largest radius R: axis raised h = R sin alpha above the work's centre, face
 * ground H = R sin(alpha + gamma) below the tool's axis; Rt = sqrt(R^2 + C^2 - 2 R C cos(alpha + gamma)).
 *
 * @example circularCorrection(40, [10, 12, 15], 10, 8).toolRadiiMm // [40, 38.0787, 35.2307]
 */
export function circularCorrection(
  toolRadiusMm: number,
  radiiMm: readonly number[],
  topRakeDeg: number,
  clearanceDeg: number,
) {
  positive('tool radius', toolRadiusMm);
  const smallest = checkedRadii(radiiMm)[0]!;
  const { gamma, alpha } = checkedWedge(topRakeDeg, clearanceDeg);
  const depths = radiiMm.map((radius) => faceDepth(smallest, radius, gamma));
  within('depth of the form', Math.max(...depths), 0, toolRadiusMm * Math.cos(alpha + gamma));
  return {
    centreRaisedMm: toolRadiusMm * Math.sin(alpha),
    faceBelowMm: toolRadiusMm * Math.sin(alpha + gamma),
    toolRadiiMm: depths.map((depth) =>
      Math.sqrt(toolRadiusMm ** 2 + depth ** 2 - 2 * toolRadiusMm * depth * Math.cos(alpha + gamma)),
    ),
  };
}

import { rakeAtEdge } from '../bit/rake';
import type { Material } from '../material/material';
import { turningForce } from '../mechanics/turning-force';
import { clamp } from '../quantity/clamp';
import type { BitUse } from './bit-finding';
import type { BitPlan } from './bit-plan';

/** The cutting force is told at the middle of what high speed steel runs at, m/min. */
const SPEED_M_PER_MIN = 25;
const LEAST_NOSE_MM = 0.05;

/**
 * Cutting force that a bit has to bear in its cut, N: Kienzle at the rake of its own edge.
 * @example forceOnBit(general, { depthMm: 2, feedMm: 0.2, ... }, medium carbon steel) // about 900
 */
export function forceOnBit(
  { shape, angles, noseRadiusMm, sizes }: BitPlan,
  use: BitUse,
  metal: Material,
): number {
  const blade = shape === 'parting';
  const { orthogonalDeg } = rakeAtEdge(angles.sideRakeDeg, angles.backRakeDeg, angles.kappaDeg);
  return turningForce(
    metal,
    { rakeDeg: orthogonalDeg, wearLandMm: 0 },
    blade ? 'part' : use.side === 'bore' ? 'bore' : 'turn-outside',
    {
      depthMm: blade ? sizes.widthMm : use.depthMm,
      feedMmRev: use.feedMm,
      approachDeg: clamp(angles.kappaDeg, 15, 120),
      noseRadiusMm: Math.max(LEAST_NOSE_MM, noseRadiusMm),
      diameterMm: use.diameterMm,
      speedMPerMin: SPEED_M_PER_MIN,
    },
  ).fcN;
}

import { DEG } from '../quantity/angle';
import { unit, type Vector } from '../quantity/vector';

/** Where a flank's level line lies, and how far it leans back square to that line. */
export interface LevelTrace {
  /** Azimuth of the flank's outward direction, from x towards y, degrees. */
  readonly azimuthDeg: number;
  /** True clearance, square to the trace. */
  readonly tiltDeg: number;
}

/**
 * The level trace of a flank: what the turn of a bit on the rest makes. With an inclined edge it is
 * not the edge's own angle in plan: azimuth = kappa - atan(tan lambda_s tan alpha_o).
 *
 * @example levelTrace(major).azimuthDeg // 78.99 where kappa is 80
 */
export function levelTrace(flank: Vector): LevelTrace {
  const [x, y, z] = unit(flank);
  return { azimuthDeg: Math.atan2(y, x) / DEG, tiltDeg: Math.asin(-z) / DEG };
}

/** Normal of a flank from its level trace: the inverse of `levelTrace`. */
export const flankNormal = ({ azimuthDeg, tiltDeg }: LevelTrace): Vector => [
  Math.cos(azimuthDeg * DEG) * Math.cos(tiltDeg * DEG),
  Math.sin(azimuthDeg * DEG) * Math.cos(tiltDeg * DEG),
  -Math.sin(tiltDeg * DEG),
];

import { DEG } from '../quantity/angle';
import type { Vector } from '../quantity/vector';

/**
 * What a protractor reads on the rake face in an upright plane: tan reading = tan gamma_p cos phi +
 * tan gamma_f sin phi. Azimuth 0 is along the shank (back rake), 90 across it (side rake).
 *
 * @param azimuthDeg  of the plane's outward direction, from x towards y
 * @example apparentRake(rake, 80) // 13.156, the orthogonal rake of a general bit
 */
export const apparentRake = (rake: Vector, azimuthDeg: number): number =>
  Math.atan2(-rake[0] * Math.cos(azimuthDeg * DEG) - rake[1] * Math.sin(azimuthDeg * DEG), rake[2]) / DEG;

/**
 * What it reads on a flank: cot reading = (n_x cos phi + n_y sin phi) / -n_z. The true clearance is
 * the smallest, read square to the flank's level trace; every other plane reads more.
 *
 * @returns degrees, from 0 to 180
 */
export const apparentClearance = (flank: Vector, azimuthDeg: number): number =>
  Math.atan2(-flank[2], flank[0] * Math.cos(azimuthDeg * DEG) + flank[1] * Math.sin(azimuthDeg * DEG)) / DEG;

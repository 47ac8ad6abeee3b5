import { DEG } from '../quantity/angle';
import { within } from '../quantity/out-of-range';

const tan = (deg: number): number => Math.tan(deg * DEG);
const atan = (value: number): number => Math.atan(value) / DEG;
const checkKappa = (kappaDeg: number): number => within('cutting edge angle', kappaDeg, 10, 120) * DEG;

/**
 * Rake as the edge sees it, from the two rakes that are ground (ISO 3002-1, exact):
 *
 * ```
 *   tan gamma_o  = tan gamma_p cos kappa + tan gamma_f sin kappa
 *   tan lambda_s = tan gamma_p sin kappa - tan gamma_f cos kappa
 *   tan gamma_n  = tan gamma_o cos lambda_s
 * ```
 *
 * Rakes add by their tangents; clearances do not, they add by their cotangents.
 *
 * @param sideRakeDeg  gamma_f, degrees
 * @param backRakeDeg  gamma_p, degrees
 * @returns the steepest slope too, with the azimuth it climbs to from x towards y
 * @example rakeAtEdge(12, 8, 80).orthogonalDeg // 13.156
 */
export function rakeAtEdge(sideRakeDeg: number, backRakeDeg: number, kappaDeg: number) {
  const kappa = checkKappa(kappaDeg);
  const [side, back] = [tan(sideRakeDeg), tan(backRakeDeg)];
  const orthogonal = back * Math.cos(kappa) + side * Math.sin(kappa);
  const inclination = Math.atan(back * Math.sin(kappa) - side * Math.cos(kappa));
  return {
    orthogonalDeg: atan(orthogonal),
    inclinationDeg: inclination / DEG,
    normalDeg: atan(orthogonal * Math.cos(inclination)),
    steepestDeg: atan(Math.hypot(back, side)),
    steepestAzimuthDeg: Math.atan2(side, back) / DEG,
  };
}

/**
 * The rakes to grind for a wanted normal rake and inclination of the edge: the inverse of `rakeAtEdge`.
 * @example rakesToGrind(12, 5, 80).sideRakeDeg // 11.031
 */
export function rakesToGrind(normalRakeDeg: number, inclinationDeg: number, kappaDeg: number) {
  const kappa = checkKappa(kappaDeg);
  const orthogonal = tan(normalRakeDeg) / Math.cos(inclinationDeg * DEG);
  const inclination = tan(inclinationDeg);
  return {
    sideRakeDeg: atan(orthogonal * Math.sin(kappa) - inclination * Math.cos(kappa)),
    backRakeDeg: atan(orthogonal * Math.cos(kappa) + inclination * Math.sin(kappa)),
    orthogonalDeg: atan(orthogonal),
  };
}

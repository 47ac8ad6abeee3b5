import { DEG } from '../quantity/angle';
import { within } from '../quantity/out-of-range';

const cot = (deg: number): number => 1 / Math.tan(deg * DEG);
/** From 0 to 180: a clearance whose cotangent passes through 0 is 90, one below it leans beyond upright. */
const arccot = (value: number): number => Math.atan2(1, value) / DEG;
const clearance = (what: string, deg: number): number => within(what, deg, 0.001, 179.999);
const checkKappa = (kappaDeg: number): number => within('cutting edge angle', kappaDeg, 10, 120) * DEG;

/** In the plane along the shank: cot alpha_p = cot alpha_o cos kappa + tan lambda_s sin kappa. */
const alongShank = (cotOrthogonal: number, kappa: number, inclinationDeg: number): number =>
  arccot(cotOrthogonal * Math.cos(kappa) + Math.tan(inclinationDeg * DEG) * Math.sin(kappa));

/**
 * Clearance of the major flank as the edge sees it, from the side clearance (ISO 3002-1, exact):
 *
 * ```
 *   cot alpha_o = (cot alpha_f + tan lambda_s cos kappa) / sin kappa
 *   cot alpha_n = cot alpha_o cos lambda_s
 *   cot alpha_p = cot alpha_o cos kappa + tan lambda_s sin kappa
 * ```
 *
 * @param sideClearanceDeg  alpha_f, above 0
 * @returns `alongShankDeg` is alpha_p of the major flank and may pass 90
 * @example clearanceAtEdge(10, 5, 80).normalDeg // 9.862
 */
export function clearanceAtEdge(sideClearanceDeg: number, inclinationDeg: number, kappaDeg: number) {
  const kappa = checkKappa(kappaDeg);
  const cotSide = cot(clearance('side clearance', sideClearanceDeg));
  const cotOrthogonal = (cotSide + Math.tan(inclinationDeg * DEG) * Math.cos(kappa)) / Math.sin(kappa);
  return {
    orthogonalDeg: arccot(cotOrthogonal),
    normalDeg: arccot(cotOrthogonal * Math.cos(inclinationDeg * DEG)),
    alongShankDeg: alongShank(cotOrthogonal, kappa, inclinationDeg),
  };
}

/**
 * The side clearance to grind for a wanted clearance square to the edge: the inverse of `clearanceAtEdge`.
 * @example clearanceToGrind(10, 5, 80).sideClearanceDeg // 10.140
 */
export function clearanceToGrind(normalClearanceDeg: number, inclinationDeg: number, kappaDeg: number) {
  const kappa = checkKappa(kappaDeg);
  const inclination = inclinationDeg * DEG;
  const cotOrthogonal = cot(clearance('normal clearance', normalClearanceDeg)) / Math.cos(inclination);
  return {
    orthogonalDeg: arccot(cotOrthogonal),
    sideClearanceDeg: arccot(cotOrthogonal * Math.sin(kappa) - Math.tan(inclination) * Math.cos(kappa)),
    alongShankDeg: alongShank(cotOrthogonal, kappa, inclinationDeg),
  };
}

import { positive } from '../quantity/out-of-range';
import {
  specificForce,
  thrustRatio,
  type ForceConstants,
  type ForceEdge,
  type ForceOperation,
  type SpecificForce,
} from './specific-force';
import { DEG } from '../quantity/angle';

export interface TurningCut {
  /** Depth on the radius; width of the blade when parting or grooving, mm. */
  readonly depthMm: number;
  readonly feedMmRev: number;
  readonly approachDeg: number;
  readonly noseRadiusMm: number;
  /** Where the edge cuts: the arm of the torque, mm. */
  readonly diameterMm: number;
  readonly speedMPerMin: number;
}

export interface TurningForce extends SpecificForce {
  readonly chipMm: number;
  /** Cutting force, N. */
  readonly fcN: number;
  /** Along the feed, N. */
  readonly ffN: number;
  /** Across the feed: into the work when turning, N. */
  readonly fpN: number;
  readonly torqueNm: number;
  readonly powerKw: number;
}

/**
 * The direction in which the chip flows off, from the lead edge's normal, degrees:
 * across the chord of the engaged edge (Colwell, 1954).
 */
export function chipFlowDeg(
  depthMm: number,
  feedMmRev: number,
  noseRadiusMm: number,
  approachDeg: number,
): number {
  const kappa = approachDeg * DEG;
  const arc = noseRadiusMm * (1 - Math.cos(kappa));
  const along =
    depthMm > arc
      ? noseRadiusMm * Math.sin(kappa) + (depthMm - arc) / Math.tan(kappa)
      : Math.sqrt(2 * noseRadiusMm * depthMm - depthMm ** 2);
  return Math.atan(Math.max(0, along + feedMmRev / 2) / depthMm) / DEG;
}

const isBlade = (operation: ForceOperation): boolean => operation === 'part' || operation === 'groove';

/** Chip thickness that counts for the force: f sin kappa, the whole feed for a blade. */
export const turningChip = (operation: ForceOperation, feedMmRev: number, approachDeg: number): number =>
  isBlade(operation) ? feedMmRev : feedMmRev * Math.sin(approachDeg * DEG);

/**
 * Forces, torque and power of turning, facing, boring, parting and shaping:
 * Fc = kc ap f, Ff = t Fc cos eta, Fp = t Fc sin eta.
 *
 * @example turningForce({ kc11: 1500, mc: 0.22, rake0Deg: 6, speedExponent: 0.1 }, { rakeDeg: 6, wearLandMm: 0 }, 'turn-outside',
 *   { depthMm: 2, feedMmRev: 0.2, approachDeg: 90, noseRadiusMm: 0.4, diameterMm: 25, speedMPerMin: 25 }).fcN // 982
 */
export function turningForce(
  metal: ForceConstants,
  edge: ForceEdge,
  operation: ForceOperation,
  cut: TurningCut,
): TurningForce {
  positive('depth', cut.depthMm);
  positive('feed', cut.feedMmRev);
  const chipMm = turningChip(operation, cut.feedMmRev, cut.approachDeg);
  const force = specificForce(metal, edge, chipMm, cut.speedMPerMin, operation);
  const fcN = force.kc * cut.depthMm * cut.feedMmRev;
  const thrust = thrustRatio(metal, edge) * fcN;
  const eta = chipFlowDeg(cut.depthMm, cut.feedMmRev, cut.noseRadiusMm, cut.approachDeg) * DEG;
  // Field by field: this is computed several times at every touch, and a spread is many times slower.
  return {
    kc: force.kc,
    kRake: force.kRake,
    kSpeed: force.kSpeed,
    kWear: force.kWear,
    kOperation: force.kOperation,
    extrapolated: force.extrapolated,
    chipMm,
    fcN,
    ffN: isBlade(operation) ? thrust : thrust * Math.cos(eta),
    fpN: isBlade(operation) ? 0 : thrust * Math.sin(eta),
    torqueNm: (fcN * positive('diameter', cut.diameterMm)) / 2000,
    powerKw: (fcN * cut.speedMPerMin) / 60_000,
  };
}

export interface DepthByPower {
  readonly kc: number;
  readonly powerMm: number;
  readonly torqueMm: number;
  readonly mm: number;
  readonly limit: 'power' | 'torque';
}

/** The depth that takes all the power, and all the torque, of the spindle; parting: the widest blade. */
export function depthByPower(
  metal: ForceConstants,
  edge: ForceEdge,
  operation: ForceOperation,
  cut: Omit<TurningCut, 'depthMm' | 'noseRadiusMm'>,
  spindle: { readonly powerKw: number; readonly torqueNm: number },
): DepthByPower {
  const { kc } = specificForce(
    metal,
    edge,
    turningChip(operation, cut.feedMmRev, cut.approachDeg),
    cut.speedMPerMin,
    operation,
  );
  const powerMm = (spindle.powerKw * 60_000) / (kc * cut.feedMmRev * cut.speedMPerMin);
  const torqueMm = (2000 * spindle.torqueNm) / (cut.diameterMm * kc * cut.feedMmRev);
  return {
    kc,
    powerMm,
    torqueMm,
    mm: Math.min(powerMm, torqueMm),
    limit: torqueMm < powerMm ? 'torque' : 'power',
  };
}

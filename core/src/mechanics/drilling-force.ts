import { positive } from '../quantity/out-of-range';
import { specificForce, type ForceConstants, type ForceEdge, type SpecificForce } from './specific-force';
import { surfaceSpeed } from './spindle-speed';
import { DEG } from '../quantity/angle';

export interface DrillingCut {
  readonly diameterMm: number;
  /** Hole that is there already, 0 for solid. */
  readonly pilotMm: number;
  readonly feedMmRev: number;
  readonly rpm: number;
  readonly pointAngleDeg: number;
  readonly point: 'plain' | 'thinned';
}

export interface DrillingForce extends SpecificForce {
  readonly speedMPerMin: number;
  readonly chipMm: number;
  readonly torqueNm: number;
  readonly thrustN: number;
  readonly powerKw: number;
}

/** Thrust of the chisel edge over that of the lips. */
const CHISEL_THRUST = { plain: 0.6, thinned: 0.25, piloted: 0 } as const;
/** Web of a common twist drill over its diameter: a pilot as wide takes the chisel edge out of the cut. */
const WEB_SHARE = 0.15;

/** Torque, thrust and power of a twist drill: M = kc f (D² - d²) / 8000, thrust = 0.5 kc f (D - d)/2 sin(sigma/2) (1 + chisel share). */
export function drillingForce(metal: ForceConstants, edge: ForceEdge, cut: DrillingCut): DrillingForce {
  const { diameterMm, pilotMm, feedMmRev, rpm } = cut;
  positive('drill diameter', diameterMm - pilotMm);
  const sine = Math.sin((cut.pointAngleDeg / 2) * DEG);
  const chipMm = (feedMmRev / 2) * sine;
  const speedMPerMin = surfaceSpeed(rpm, diameterMm);
  const force = specificForce(metal, edge, chipMm, speedMPerMin, 'drill');
  const chisel = CHISEL_THRUST[pilotMm >= WEB_SHARE * diameterMm ? 'piloted' : cut.point];
  const torqueNm = (force.kc * feedMmRev * (diameterMm ** 2 - pilotMm ** 2)) / 8000;
  return {
    kc: force.kc,
    kRake: force.kRake,
    kSpeed: force.kSpeed,
    kWear: force.kWear,
    kOperation: force.kOperation,
    extrapolated: force.extrapolated,
    speedMPerMin,
    chipMm,
    torqueNm,
    thrustN: 0.5 * force.kc * feedMmRev * ((diameterMm - pilotMm) / 2) * sine * (1 + chisel),
    powerKw: (torqueNm * rpm * Math.PI) / 30_000,
  };
}

import type { Material } from '../material/material';
import { clamp } from '../quantity/clamp';
import { positive } from '../quantity/out-of-range';

/** What the tool does to the metal, as far as force goes. */
export type ForceOperation =
  'turn-outside' | 'face' | 'bore' | 'part' | 'groove' | 'shape' | 'mill' | 'drill';

/** Kienzle's two constants of a metal and the rake they were found at. */
export interface ForceConstants {
  /** Force per mm² of chip section at a chip 1 mm thick, N/mm². */
  readonly kc11: number;
  /** Exponent of the chip thickness. */
  readonly mc: number;
  readonly rake0Deg: number;
  /** How force falls with speed; 0 for non-ferrous metals. */
  readonly speedExponent: number;
}

/** The edge as it is. */
export interface ForceEdge {
  readonly rakeDeg: number;
  /** Width of the worn land on the flank, mm. */
  readonly wearLandMm: number;
}

export interface SpecificForce {
  readonly kc: number;
  readonly kRake: number;
  readonly kSpeed: number;
  readonly kWear: number;
  readonly kOperation: number;
  /** The chip is thinner than the fit was made for. */
  readonly extrapolated: boolean;
}

/** Force of an operation over that of turning outside. */
const OPERATION_FACTOR: Readonly<Record<ForceOperation, number>> = {
  'turn-outside': 1,
  face: 1,
  bore: 1.2,
  part: 1.3,
  groove: 1.3,
  shape: 1.05,
  mill: 1,
  drill: 1,
};
const PER_DEGREE = 0.015;
const THINNEST_MM = 0.05;

export const forceConstants = ({ kc11, mc, rake0Deg, speedExponent }: Material): ForceConstants => ({
  kc11,
  mc,
  rake0Deg,
  speedExponent,
});

/**
 * Cutting force per mm² of chip section: kc = kc1.1 h^-mc K_rake K_speed K_wear K_op.
 *
 * K_rake = 1 - 0.015 (rake - rake0), 0.70 to 1.40. K_speed = (100/v)^x, 0.85 to
 * 1.30 (our fit: slow cutting takes more force). K_wear = 1 + VB, at most 1.6.
 * Source: Kienzle (1952).
 *
 * @param chipMm     thickness of the chip before it is cut, mm; fitted for 0.05 to 1
 * @param vMPerMin   cutting speed, m/min
 */
export function specificForce(
  metal: ForceConstants,
  edge: ForceEdge,
  chipMm: number,
  vMPerMin: number,
  operation: ForceOperation,
): SpecificForce {
  positive('chip thickness', chipMm);
  const kRake = clamp(1 - PER_DEGREE * (edge.rakeDeg - metal.rake0Deg), 0.7, 1.4);
  const kSpeed = clamp((100 / positive('cutting speed', vMPerMin)) ** metal.speedExponent, 0.85, 1.3);
  const kWear = Math.min(1 + edge.wearLandMm, 1.6);
  const kOperation = OPERATION_FACTOR[operation];
  return {
    kc: metal.kc11 * chipMm ** -metal.mc * kRake * kSpeed * kWear * kOperation,
    kRake,
    kSpeed,
    kWear,
    kOperation,
    extrapolated: chipMm < THINNEST_MM,
  };
}

/** Push of the chip on the tool over the cutting force: 0.5 at the reference rake, less with more rake, more with wear. */
export const thrustRatio = (metal: ForceConstants, edge: ForceEdge): number =>
  clamp(0.5 - 0.01 * (edge.rakeDeg - metal.rake0Deg) + edge.wearLandMm, 0.2, 1.2);

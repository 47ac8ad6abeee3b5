import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

const GUARD = 1e-9;

/** A tapered stone on a shank, its large end at x = 0. */
export interface TaperStone {
  readonly largeMm: number;
  readonly smallMm: number;
  readonly lengthMm: number;
  /** Worn off its radius. */
  readonly wornMm: number;
}

/** Half angle: phi = atan((D1 - D2) / (2 L)), degrees. */
function halfAngle({ largeMm, smallMm, lengthMm }: TaperStone): number {
  positive('small diameter', smallMm);
  return Math.atan((largeMm - smallMm) / (2 * positive('length of the stone', lengthMm))) / DEG;
}

/**
 * Where on a tapered stone a radius is found: x = (D1/2 - u - r) / tan(phi). Wear moves it towards the
 * large end.
 *
 * @returns `speedMPerS` at that radius; the maker says the rpm for the overhang
 * @example stonePosition({ largeMm: 12, smallMm: 4, lengthMm: 20, wornMm: 0 }, 3, 20000).positionMm // 15
 */
export function stonePosition(stone: TaperStone, radiusMm: number, rpm: number) {
  const { largeMm, smallMm, wornMm } = stone;
  if (!(largeMm > smallMm)) throw new OutOfRange('taper of the stone', largeMm - smallMm, 0);
  const half = halfAngle(stone);
  const [least, most] = [smallMm / 2 - wornMm, largeMm / 2 - wornMm];
  if (!(radiusMm > 0 && radiusMm >= least - GUARD && radiusMm <= most + GUARD))
    throw new OutOfRange('radius on the stone', radiusMm, Math.max(0, least), most);
  return {
    halfAngleDeg: half,
    positionMm: (most - radiusMm) / Math.tan(half * DEG),
    speedMPerS: (2 * Math.PI * radiusMm * positive('spindle speed', rpm)) / 60_000,
  };
}

/**
 * Radius at a distance from the large end: r(x) = D1/2 - u - x tan(phi).
 * @example stoneRadius({ largeMm: 12, smallMm: 4, lengthMm: 20, wornMm: 0.2 }, 7.5).radiusMm // 4.3
 */
export function stoneRadius(stone: TaperStone, positionMm: number) {
  const half = halfAngle(stone);
  within('place on the stone', positionMm, 0, stone.lengthMm);
  const radiusMm = stone.largeMm / 2 - stone.wornMm - positionMm * Math.tan(half * DEG);
  return { radiusMm: positive('radius on the stone', radiusMm), halfAngleDeg: half };
}

/**
 * Relief under an arc that a tapered stone grinds, its large end away from the top face:
 * sin(relief) = sin(phi) cos(delta) + cos(phi) sin(delta) cos(psi).
 *
 * @param leanDeg     delta, positive adds relief in the middle of the arc
 * @param azimuthDeg  psi, from the middle of the arc
 * @example stoneRelief(8, 8, 90) // 7.92
 */
export function stoneRelief(halfAngleDeg: number, leanDeg: number, azimuthDeg: number): number {
  const [phi, delta, psi] = [halfAngleDeg * DEG, leanDeg * DEG, azimuthDeg * DEG];
  const sine = Math.sin(phi) * Math.cos(delta) + Math.cos(phi) * Math.sin(delta) * Math.cos(psi);
  return Math.asin(Math.max(-1, Math.min(1, sine))) / DEG;
}

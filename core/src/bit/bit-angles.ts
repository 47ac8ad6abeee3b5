import { within } from '../quantity/out-of-range';

/**
 * The six angles of a hand-ground bit, degrees, as ISO 3002-1 names them with the tool in hand.
 *
 * The shank frame is right-handed. x runs along the shank to the nose, y to the left seen from
 * behind the bit with its top up (to the headstock, where a right-hand bit feeds), z is up.
 *
 * ```
 *  from above (down z)                      from the right (along +y)
 *         y (feed, headstock)                      z
 *         ^                                        ^   nose
 *    _____|___ major edge                    ______|____O--> x (work)
 *   |      \  \    kappa, edge to y               rake \ |
 *   | blank     \ O nose --> x              |  blank     | front flank, leans back
 *   |___________/    minor edge             |____________/   by the front clearance
 * ```
 *
 * A right-hand blank lies at x <= 0, y <= 0, z <= 0; its corner (0, 0, 0) is front, left and top.
 * A left-hand bit is the mirror image y -> -y with the same angles.
 */
export interface BitAngles {
  /** gamma_f: the rake face falls away from the edge, read across the shank. */
  readonly sideRakeDeg: number;
  /** gamma_p: it falls from the nose to the shank. */
  readonly backRakeDeg: number;
  /** kappa_r of the major edge: 90 lies along the shank; below it the nose trails. */
  readonly kappaDeg: number;
  /** alpha_f: the major flank falls back under its edge, read across the shank. */
  readonly sideClearanceDeg: number;
  /** kappa_r' of the minor edge: 0 is square across the end. */
  readonly kappa2Deg: number;
  /** alpha_p': the minor flank falls back, read along the shank. */
  readonly frontClearanceDeg: number;
}

export type Hand = 'right' | 'left';
export type BitFace = 'rake' | 'major' | 'minor';

/** Angles that a bit can be ground to at all; beyond them there is no edge. */
export const BIT_ANGLE_LIMITS = {
  sideRakeDeg: [-30, 60],
  backRakeDeg: [-30, 60],
  kappaDeg: [10, 120],
  sideClearanceDeg: [0.1, 60],
  kappa2Deg: [-30, 85],
  frontClearanceDeg: [0.1, 60],
} as const satisfies Readonly<Record<keyof BitAngles, readonly [number, number]>>;

export const BIT_ANGLE_KEYS = Object.keys(BIT_ANGLE_LIMITS) as (keyof BitAngles)[];

/** What each angle is called in an error. */
const CALLED: Readonly<Record<keyof BitAngles, string>> = {
  sideRakeDeg: 'side rake',
  backRakeDeg: 'back rake',
  kappaDeg: 'cutting edge angle',
  sideClearanceDeg: 'side clearance',
  kappa2Deg: 'end cutting edge angle',
  frontClearanceDeg: 'front clearance',
};

/**
 * Returns the angles when a bit can have them.
 * @throws OutOfRange naming the first angle that it cannot have
 */
export function possibleAngles(angles: BitAngles): BitAngles {
  for (const key of BIT_ANGLE_KEYS) {
    const [least, most] = BIT_ANGLE_LIMITS[key];
    within(CALLED[key], angles[key], least, most);
  }
  return angles;
}

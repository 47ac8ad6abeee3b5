import { positive, within } from '../quantity/out-of-range';

/** What an edge is like, whatever it is made of. */
export interface EdgeShape {
  readonly rakeDeg: number;
  readonly edgeRadiusUm: number;
}

/** A metal and a chip that two edges are compared in. */
export interface PushIn {
  /** Specific cutting force at zero rake, N/mm2, and its exponent. */
  readonly kc11: number;
  readonly mc: number;
  /** Share that a degree of rake takes off the force: 0.010 to 0.015. */
  readonly perDegree: number;
  /** Force of ploughing for each micrometre of edge radius, N per mm of width. */
  readonly ploughNMmPerUm: number;
  readonly chipThicknessMm: number;
}

/**
 * Force on an edge, N per mm of width: F/b = kc11 h^(1-mc) (1 - s rake) + plough x edge radius.
 *
 * Equal rake and edge give equal force, whatever the tool is made of: "carbide pulls
 * harder" means a negative, honed edge; "carbide pulled less" that the HSS was dull or flat.
 *
 * @throws OutOfRange for a rake that the relation was not made for
 * @example steel, 0.1 mm of chip: 14 degrees and 8 um push 260 N/mm, -6 degrees and 40 um 364 N/mm
 */
export const pushPerMm = (edge: EdgeShape, of: PushIn): number =>
  positive('specific force', of.kc11)
    * positive('chip thickness', of.chipThicknessMm) ** (1 - within('exponent', of.mc, 0, 0.9))
    * (1 - of.perDegree * within('rake', edge.rakeDeg, -30, 45))
  + of.ploughNMmPerUm * within('edge radius', edge.edgeRadiusUm, 0, 500);

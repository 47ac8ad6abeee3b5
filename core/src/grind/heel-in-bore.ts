import { apparentClearance } from '../bit/apparent-angle';
import { faceNormals } from '../bit/faces';
import { heelRelief } from '../bit/heel-relief';
import { lastWhere } from '../quantity/bisection';
import type { BitPlan } from './bit-plan';

/** A second clearance is ground between these, degrees square to its edge. */
const LEAST_DEG = 0.2;
const MOST_DEG = 80;
const LAND_MM = 1;

/**
 * What a second clearance square to the front edge is along the shank, which is the plane that a bore
 * sees: the same for an end that is square, much more for a point.
 *
 * @example heelAlongShank(chamfer, 14) // 19.4 where the edge stands at 45°
 */
export function heelAlongShank(plan: BitPlan, clearanceDeg: number): number {
  const { rake, minor } = faceNormals(plan.angles, 'right');
  return apparentClearance(heelRelief(rake, minor, clearanceDeg, LAND_MM).normal, 0);
}

/** The second clearance to grind, square to its edge, for one that is wanted along the shank. */
export const heelToGrind = (plan: BitPlan, alongDeg: number): number =>
  lastWhere((deg) => heelAlongShank(plan, deg) <= alongDeg, LEAST_DEG, MOST_DEG);

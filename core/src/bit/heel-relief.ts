import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';
import { cross, dot, minus, plus, times, unit, type Vector } from '../quantity/vector';

/** A plane that keeps the steel where normal . p <= offset, the nose at the origin. */
export interface ReliefPlane {
  readonly normal: Vector;
  readonly offsetMm: number;
}

/**
 * Second clearance under a flank: a plane parallel to the edge that begins where the land of the
 * first clearance ends.
 *
 * ```
 *   edge O--- rake face
 *        |\ land, first clearance
 *        | \
 *        |   \  second clearance, square to the edge
 * ```
 *
 * @param clearanceDeg  square to the edge, steeper than the flank
 * @param landMm        of the flank, square to the edge
 * @example heelRelief(rake, major, 16, 1).offsetMm // 0.1068 for a general bit
 */
export function heelRelief(rake: Vector, flank: Vector, clearanceDeg: number, landMm: number): ReliefPlane {
  within('second clearance', clearanceDeg, 0.1, 85);
  positive('land', landMm);
  const edge = unit(cross(rake, flank));
  const up = unit(minus([0, 0, 1], times(edge, edge[2])));
  const across = cross(up, edge);
  const outward = dot(across, flank) > 0 ? across : times(across, -1);
  const normal = minus(times(outward, Math.cos(clearanceDeg * DEG)), times(up, Math.sin(clearanceDeg * DEG)));
  const along = cross(edge, flank);
  const down = unit(along[2] < 0 ? along : times(along, -1));
  return { normal, offsetMm: dot(normal, plus([0, 0, 0], times(down, landMm))) };
}

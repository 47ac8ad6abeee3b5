import type { BitFace } from '../bit/bit-angles';
import type { BitNormals } from '../bit/faces';
import { dot, type Vector } from '../quantity/vector';
import { plainCut } from '../solid/plain-cut';
import type { Blank, GroundSolid } from '../solid/solid-cut';

/**
 * Steel that the three faces of a bit take off its blank, ground in a given order. What each takes
 * depends on the order, the sum does not.
 *
 * @param nose     where the sharp nose comes to stand, seen from the blank's front left top corner
 * @param reachMm  how far back each grind goes
 */
export function groundVolume(
  blank: Blank,
  normals: BitNormals,
  nose: Vector,
  reachMm: Readonly<Record<BitFace, number>>,
  order: readonly BitFace[],
): GroundSolid {
  return plainCut(
    blank,
    order.map((face) => ({
      by: face,
      keep: [{ normal: normals[face], offset: dot(normals[face], nose) }],
      reachMm: reachMm[face],
    })),
  );
}

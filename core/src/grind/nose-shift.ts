import { OutOfRange } from '../quantity/out-of-range';
import type { BitFace } from '../bit/bit-angles';
import type { BitNormals } from '../bit/faces';
import { commonPoint, type Vector } from '../quantity/vector';

/**
 * Where the nose goes when stock comes off the faces: the common point of the three planes set back.
 * With back rake every grind of the front alone lowers the nose.
 *
 * @param normals   of unit length
 * @param stockMm   taken square to each face
 * @returns the way of the nose in the shank frame
 * @throws OutOfRange when the faces have no common point
 * @example noseShift(general, { rake: 0, major: 0, minor: 0.2 }) // [-0.202, 0.036, -0.021]
 */
export function noseShift(normals: BitNormals, stockMm: Readonly<Record<BitFace, number>>): Vector {
  const point = commonPoint(
    [normals.rake, normals.major, normals.minor],
    [-stockMm.rake, -stockMm.major, -stockMm.minor],
  );
  if (!point) throw new OutOfRange('corner between the faces', 0, 0);
  return point;
}

import { dot, lengthOf, minus, plus, times, type Vector } from '../quantity/vector';
import type { Facet } from './solid-cut';

/** Faces that turn less than this where they meet are one smooth face, as a cosine (12°). */
export const SMOOTH = 0.978;
const TOUCH_MM = 1e-6;

type Face = Omit<Facet, 'sharp'>;

/** Share of the way from one point to another at which a third lies on the line between; null beside it. */
function shareOn(point: Vector, from: Vector, to: Vector): number | null {
  const way = minus(to, from);
  const long = dot(way, way);
  const off = minus(point, from);
  const share = dot(off, way) / long;
  return lengthOf(minus(off, times(way, share))) < TOUCH_MM ? share : null;
}

/** A side of a face, parted where corners of other faces stand on it. */
function partsOf(from: Vector, to: Vector, points: readonly Vector[]): readonly Vector[] {
  const margin = TOUCH_MM / lengthOf(minus(to, from));
  const shares = points
    .map((point) => shareOn(point, from, to))
    .filter((share): share is number => share !== null && share > margin && share < 1 - margin)
    .sort((a, b) => a - b);
  const parted = shares.filter((share, i) => i === 0 || share - shares[i - 1]! > margin);
  return [from, ...parted.map((share) => plus(from, times(minus(to, from), share)))];
}

/** Whether a point lies on the rim of a face. */
const isOnRim = ({ corners, normal }: Face, point: Vector): boolean =>
  Math.abs(dot(normal, minus(point, corners[0]!))) < TOUCH_MM
  && corners.some((corner, i) => {
    const share = shareOn(point, corner, corners[(i + 1) % corners.length]!);
    return share !== null && share > 0 && share < 1;
  });

/** Whether two of the faces that meet at a point are one smooth face there. */
const isSeam = (meeting: readonly Face[]): boolean =>
  meeting.some((one, i) => meeting.slice(i + 1).some((other) => dot(one.normal, other.normal) >= SMOOTH));

/**
 * The faces of pieces that stand side by side, with the sides that are edges to be drawn. A side along
 * which two pieces, or two flats of one rounding, go on smoothly is none.
 *
 * ```
 *    ____________          seen from the right: the shank and the ground part in front of it are
 *   |      :_____|         two pieces; the dotted seam between them is no edge
 *   |______:_____|
 * ```
 */
export function withSharpEdges(faces: readonly Face[]): readonly Facet[] {
  const points = faces.flatMap(({ corners }) => corners);
  return faces.map((face) => {
    const corners = face.corners.flatMap((corner, i) =>
      partsOf(corner, face.corners[(i + 1) % face.corners.length]!, points),
    );
    const sharp = corners.map((corner, i) => {
      const middle = times(plus(corner, corners[(i + 1) % corners.length]!), 1 / 2);
      return !isSeam(faces.filter((other) => isOnRim(other, middle)));
    });
    return { ...face, corners, sharp };
  });
}

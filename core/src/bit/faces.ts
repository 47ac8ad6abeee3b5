import { DEG } from '../quantity/angle';
import { OutOfRange } from '../quantity/out-of-range';
import { commonPoint, cross, dot, mirrored, times, unit, type Vector } from '../quantity/vector';
import { possibleAngles, type BitAngles, type BitFace, type Hand } from './bit-angles';

/** Unit normals of the three faces that meet at the nose, out of the steel, in the shank frame. */
export type BitNormals = Readonly<Record<BitFace, Vector>>;

const tan = (deg: number): number => Math.tan(deg * DEG);
const arccotDeg = (value: number): number => Math.atan2(1, value) / DEG;

/** Tangent of the inclination of an edge, from the two rakes as that edge counts them. */
const inclinationOf = (backRakeDeg: number, sideRakeDeg: number, kappaDeg: number): number =>
  tan(backRakeDeg) * Math.sin(kappaDeg * DEG) - tan(sideRakeDeg) * Math.cos(kappaDeg * DEG);

/** Tangent of the orthogonal clearance from the cotangent read square to the shank (or along it). */
const fromCot = (cotRead: number, lean: number, scale: number): number => scale / (cotRead + lean);

/**
 * Normals of the faces from the six angles:
 *
 * ```
 *   rake   (-tan gamma_p, -tan gamma_f, 1)
 *   major  (cos k + j sin k, sin k - j cos k, -tan alpha_o)     j = tan lambda_s tan alpha_o
 *   minor  the same with k', y turned round, and its own lambda_s', alpha_o'
 * ```
 *
 * @throws OutOfRange when an angle is one that no bit can have
 * @example faceNormals({ sideRakeDeg: 12, ... }, 'right').rake // [-0.1362, -0.2060, 0.9690]
 */
export function faceNormals(angles: BitAngles, hand: Hand): BitNormals {
  const { sideRakeDeg, backRakeDeg, kappaDeg, sideClearanceDeg, kappa2Deg, frontClearanceDeg } =
    possibleAngles(angles);
  const rake = unit([-tan(backRakeDeg), -tan(sideRakeDeg), 1]);

  const k = kappaDeg * DEG;
  const lambda = inclinationOf(backRakeDeg, sideRakeDeg, kappaDeg);
  const alpha = fromCot(1 / tan(sideClearanceDeg), lambda * Math.cos(k), Math.sin(k));
  const j = lambda * alpha;
  const major = unit([Math.cos(k) + j * Math.sin(k), Math.sin(k) - j * Math.cos(k), -alpha]);

  const k2 = kappa2Deg * DEG;
  const lambda2 = inclinationOf(backRakeDeg, -sideRakeDeg, kappa2Deg);
  const alpha2 = fromCot(1 / tan(frontClearanceDeg), -lambda2 * Math.sin(k2), Math.cos(k2));
  const j2 = lambda2 * alpha2;
  const minor = unit([Math.cos(k2) + j2 * Math.sin(k2), -Math.sin(k2) + j2 * Math.cos(k2), -alpha2]);

  const normals = { rake, major, minor };
  return hand === 'right' ? normals : mirroredNormals(normals);
}

/** The faces of the bit of the other hand. */
const mirroredNormals = ({ rake, major, minor }: BitNormals): BitNormals => ({
  rake: mirrored(rake),
  major: mirrored(major),
  minor: mirrored(minor),
});

/**
 * The angles that three faces make: the inverse of `faceNormals`, and what is read from a ground solid.
 * Edges are the cross products of their faces, turned to point away from the nose.
 *
 * @param normals  of any length
 * @throws OutOfRange when the rake face does not look up, or the three have no common point
 */
export function anglesFromFaces(
  normals: BitNormals,
  hand: Hand,
): BitAngles & { readonly inclinationDeg: number } {
  const { rake, major, minor } = hand === 'right' ? normals : mirroredNormals(normals);
  if (!(rake[2] > 0)) throw new OutOfRange('upward part of the rake face', rake[2], 0);
  if (!commonPoint([unit(rake), unit(major), unit(minor)], [0, 0, 0]))
    throw new OutOfRange('corner between the faces', 0, 0);
  const majorEdge = cross(rake, major);
  const away = majorEdge[0] < 0 ? majorEdge : times(majorEdge, -1);
  const minorEdge = cross(rake, minor);
  const away2 = minorEdge[1] < 0 ? minorEdge : times(minorEdge, -1);
  return {
    sideRakeDeg: Math.atan2(-rake[1], rake[2]) / DEG,
    backRakeDeg: Math.atan2(-rake[0], rake[2]) / DEG,
    kappaDeg: Math.atan2(-away[0], away[1]) / DEG,
    sideClearanceDeg: arccotDeg(-major[1] / major[2]),
    kappa2Deg: Math.atan2(-away2[0], -away2[1]) / DEG,
    frontClearanceDeg: arccotDeg(-minor[0] / minor[2]),
    inclinationDeg: Math.atan2(-away[2], Math.hypot(away[0], away[1])) / DEG,
  };
}

/**
 * Wedge of steel between two faces, square to their edge: 180 less the angle of their normals.
 * @example wedgeDeg(rake, major) // 67.04 for a general bit
 */
export const wedgeDeg = (one: Vector, other: Vector): number =>
  180 - Math.acos(Math.min(1, Math.max(-1, dot(unit(one), unit(other))))) / DEG;

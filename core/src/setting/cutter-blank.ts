import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { wholeWithin } from '../quantity/whole-within';

/** Share of the pitch below which the land of a tooth is weak. */
export const WEAK_LAND_SHARE = 0.35;
/** Room below the form in a gash so that chips do not jam: at least so much, mm, and this share of the diameter. */
const CHIP_ROOM_MM = 1;
const CHIP_ROOM_SHARE = 0.1;

/** Depth of gash from which chips have room below a form. */
export const leastGashDepth = (formDepthMm: number, diameterMm: number): number =>
  formDepthMm + Math.max(CHIP_ROOM_MM, CHIP_ROOM_SHARE * diameterMm);

/**
 * Where the face of a milling cutter's tooth lies: a plane at e = R sin gamma from the axis, behind it for a positive
 * rake, so that the tip leads and deeper points trail.
 */
export function faceOffset(radiusMm: number, rakeDeg: number): number {
  positive('cutter radius', radiusMm);
  return radiusMm * Math.sin(within('radial rake', rakeDeg, -20, 35) * DEG);
}

/**
 * Depth on a face at offset e of a point at a depth below the tip in the work: a form is stretched there to
 * sqrt(R^2 - e^2) - sqrt((R - d)^2 - e^2).
 */
export function depthOnFace(radiusMm: number, offsetMm: number, depthMm: number): number {
  if (!(radiusMm - depthMm > Math.abs(offsetMm)))
    throw new OutOfRange('depth of the form', depthMm, 0, radiusMm - Math.abs(offsetMm));
  return Math.sqrt(radiusMm ** 2 - offsetMm ** 2) - Math.sqrt((radiusMm - depthMm) ** 2 - offsetMm ** 2);
}

/**
 * Relief that a relief of a crest leaves on a flank that leans from the depth direction: tan(side) = tan a sin phi.
 * @example flankRelief(12, 20) // 4.16
 */
export const flankRelief = (reliefDeg: number, leanDeg: number): number =>
  Math.atan(Math.tan(reliefDeg * DEG) * Math.sin(leanDeg * DEG)) / DEG;

/**
 * Radial rake of a tooth: the offset of its face, and the rake it has at the root of the form, asin(e / r).
 *
 * @example rakeOffset(40, 10, 4) // offset 3.473, on the face 4.0776
 */
export function rakeOffset(diameterMm: number, rakeDeg: number, formDepthMm: number) {
  const radius = positive('cutter diameter', diameterMm) / 2;
  const offsetMm = faceOffset(radius, rakeDeg);
  const faceDepthMm = depthOnFace(radius, offsetMm, within('depth of the form', formDepthMm, 0, radius));
  return { offsetMm, rakeAtRootDeg: Math.asin(offsetMm / (radius - formDepthMm)) / DEG, faceDepthMm };
}

/**
 * Gashes between the teeth: one wall is the face, the other leans by the included angle. Opening at the outside
 * g + s - asin(r sin(gr + s) / R), r the root radius of the gash and gr the rake there; land 360 / z less that.
 *
 * @param gashDepthMm  radial
 * @returns `landDeg` below 0 when the gashes meet: no tooth is left
 */
export function gashing(
  diameterMm: number,
  teeth: number,
  gashDepthMm: number,
  gashAngleDeg: number,
  rakeDeg: number,
) {
  const { offsetMm, rakeAtRootDeg, faceDepthMm } = rakeOffset(diameterMm, rakeDeg, gashDepthMm);
  wholeWithin('teeth', teeth, 1, 60);
  const included = within('angle of the gash', gashAngleDeg, 20, 120);
  const radius = diameterMm / 2;
  const root = radius - gashDepthMm;
  const pitchDeg = 360 / teeth;
  const openingDeg =
    rakeDeg + included - Math.asin((root * Math.sin((rakeAtRootDeg + included) * DEG)) / radius) / DEG;
  const landDeg = pitchDeg - openingDeg;
  return {
    offsetMm,
    pitchDeg,
    openingDeg,
    landDeg,
    landArcMm: radius * landDeg * DEG,
    faceLengthMm: faceDepthMm,
    isWeak: landDeg < WEAK_LAND_SHARE * pitchDeg,
  };
}

/**
 * Back relief turned with the blank held off centre by d: the radius from edge to eccentric centre stands psi
 * ahead of the edge. Turning radius sqrt(R^2 + d^2 - 2 R d cos psi); relief tan a = d sin psi / (R - d cos psi);
 * at q behind the edge the radius is d cos(q + psi) + sqrt(rt^2 - d^2 sin^2(q + psi)). A flank that leans f from
 * the plane square to the axis gets tan(a) sin(f).
 *
 * @param phaseDeg  psi; 90 gives the most relief
 */
export function eccentricRelief(
  radiusMm: number,
  eccentricMm: number,
  phaseDeg: number,
  behindDeg: number,
  flankDeg: number,
) {
  positive('cutter radius', radiusMm);
  const d = within('eccentric', eccentricMm, 0, radiusMm * 0.9);
  const psi = within('phase', phaseDeg, 0, 180) * DEG;
  const q = within('angle behind the edge', behindDeg, 0, 180) * DEG;
  const turning = Math.sqrt(radiusMm ** 2 + d ** 2 - 2 * radiusMm * d * Math.cos(psi));
  const relief = Math.atan2(d * Math.sin(psi), radiusMm - d * Math.cos(psi));
  const behind = d * Math.cos(q + psi) + Math.sqrt(turning ** 2 - (d * Math.sin(q + psi)) ** 2);
  return {
    turningRadiusMm: turning,
    reliefDeg: relief / DEG,
    dropMm: radiusMm - behind,
    flankReliefDeg: flankRelief(relief / DEG, within('lean of the flank', flankDeg, 0, 90)),
  };
}

import { DEG } from '../quantity/angle';
import { positive } from '../quantity/out-of-range';

/** Angle of the helix that the edge runs along: eta = atan(f / (pi d)), degrees. */
const helixDeg = (feedMm: number, diameterMm: number): number =>
  Math.atan(feedMm / (Math.PI * positive('diameter', diameterMm))) / DEG;

/**
 * Clearance that the feed takes from the flank that faces it, and adds to the other; the side rake
 * grows by the same angle.
 *
 * @param feedMm      a turn, or the lead of a thread
 * @param diameterMm  the smallest that the edge touches
 * @param reserveDeg  clearance that must be left
 * @returns `rubbingFeedMm` is the feed at which only the reserve is left
 * @example feedClearance(0.2, 20, 10, 12, 2).leadingDeg // 9.82
 */
export function feedClearance(
  feedMm: number,
  diameterMm: number,
  sideClearanceDeg: number,
  sideRakeDeg: number,
  reserveDeg: number,
) {
  const eta = helixDeg(feedMm, diameterMm);
  return {
    helixDeg: eta,
    leadingDeg: sideClearanceDeg - eta,
    trailingDeg: sideClearanceDeg + eta,
    sideRakeDeg: sideRakeDeg + eta,
    rubbingFeedMm: Math.max(0, Math.PI * diameterMm * Math.tan((sideClearanceDeg - reserveDeg) * DEG)),
  };
}

/**
 * Side clearances of a thread bit with a flat top: the reserve plus the helix on the leading flank,
 * less it on the trailing one, which may come out negative at a steep lead.
 *
 * @param includedDeg  of the thread
 * @returns across the shank (`Deg`) and square to each flank's edge (`SquareDeg`):
 *          tan alpha_o = tan alpha_f cos A
 * @example threadClearance(1.5, 1, 8.16, 60, 6).leadingDeg // 9.35
 */
export function threadClearance(
  pitchMm: number,
  starts: number,
  smallestMm: number,
  includedDeg: number,
  reserveDeg: number,
) {
  const eta = helixDeg(positive('pitch', pitchMm) * positive('starts', starts), smallestMm);
  const square = (deg: number): number =>
    Math.atan(Math.tan(deg * DEG) * Math.cos((includedDeg / 2) * DEG)) / DEG;
  const [leadingDeg, trailingDeg] = [reserveDeg + eta, reserveDeg - eta];
  return {
    helixDeg: eta,
    leadingDeg,
    trailingDeg,
    leadingSquareDeg: square(leadingDeg),
    trailingSquareDeg: square(trailingDeg),
  };
}

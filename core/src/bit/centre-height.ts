import { DEG } from '../quantity/angle';
import { OutOfRange, positive } from '../quantity/out-of-range';

/** Outside the edge tips into the work when it is high, inside it tips away. */
export type CutSide = 'outside' | 'bore';

/** Angles that work at a nose off centre, and how far they differ from the ground ones, degrees. */
export interface CentreHeight {
  readonly deltaDeg: number;
  readonly backRakeDeg: number;
  readonly frontClearanceDeg: number;
}

/** What a rule pinched between work and nose shows. */
export interface CentreRule {
  /** Its top toward the work positive, degrees. */
  readonly leanDeg: number;
  /** How far its top stands off the upright. */
  readonly topOffsetMm: number;
  /** Height error of which the lean is just seen. */
  readonly smallestSeenMm: number;
}

/**
 * What a nose off centre does to the angles: delta = asin(2e/D); outside the
 * rake grows and the clearance shrinks by it, in a bore the other way round.
 *
 * @param heightErrorMm  above the axis positive; less than the radius
 * @example centreHeight('outside', 0.2, 6, 0, 8).frontClearanceDeg // 4.18
 */
export function centreHeight(
  side: CutSide,
  heightErrorMm: number,
  diameterMm: number,
  backRakeDeg: number,
  frontClearanceDeg: number,
): CentreHeight {
  const share = (2 * heightErrorMm) / positive('diameter', diameterMm);
  if (Math.abs(share) >= 1)
    throw new OutOfRange('height error', heightErrorMm, -diameterMm / 2, diameterMm / 2);
  const deltaDeg = Math.asin(share) / DEG;
  const sign = side === 'outside' ? 1 : -1;
  return {
    deltaDeg,
    backRakeDeg: backRakeDeg + sign * deltaDeg,
    frontClearanceDeg: frontClearanceDeg - sign * deltaDeg,
  };
}

/**
 * What it does to the size: the work comes out at 2 hypot(x, e), always larger
 * than the slide says; facing leaves a pip of twice the error.
 *
 * @param slideRadiusMm  where the slide says the nose is
 * @param measuredMm     a diameter just measured
 * @param infeedMm       then fed in, on the radius
 */
export function heightDiameterError(
  side: CutSide,
  slideRadiusMm: number,
  heightErrorMm: number,
  measuredMm: number,
  infeedMm: number,
) {
  const cutMm = 2 * Math.hypot(slideRadiusMm, heightErrorMm);
  const at = Math.sqrt(Math.max(0, measuredMm ** 2 / 4 - heightErrorMm ** 2));
  const sign = side === 'outside' ? -1 : 1;
  const nextMm = 2 * Math.hypot(at + sign * infeedMm, heightErrorMm);
  return {
    cutMm,
    errorMm: cutMm - 2 * slideRadiusMm,
    nextMm,
    stepErrorMm: nextMm - (measuredMm + sign * 2 * infeedMm),
    pipMm: 2 * Math.abs(heightErrorMm),
  };
}

/** A thin rule pinched between round work and nose leans by asin(2e/(D + 2t)); top toward the work: too high. */
export function centreRule(
  heightErrorMm: number,
  diameterMm: number,
  thicknessMm: number,
  lengthAboveMm: number,
  eyeDeg: number,
): CentreRule {
  const lean = Math.asin((2 * heightErrorMm) / (positive('diameter', diameterMm) + 2 * thicknessMm));
  return {
    leanDeg: lean / DEG,
    topOffsetMm: lengthAboveMm * Math.sin(lean),
    smallestSeenMm: (diameterMm / 2 + thicknessMm) * Math.sin(eyeDeg * DEG),
  };
}

import { clamp } from '../quantity/clamp';
import { OutOfRange, positive } from '../quantity/out-of-range';
import { surfaceSpeed } from './spindle-speed';

export interface FacingSpeed {
  readonly rimSpeedMPerMin: number;
  readonly innerSpeedMPerMin: number;
  /** Radius where the speed falls below the wanted fraction, not clamped to the face. */
  readonly radiusBelowMm: number;
  readonly pathFractionBelow: number;
  readonly areaFractionBelow: number;
  readonly timeS: number | null;
}

/**
 * What happens to the cutting speed when a face is cut toward the centre at a
 * fixed spindle speed: rq = 1000 q vt / (2 pi n).
 *
 * @param fraction  q, share of the target speed that is still good enough (0.5 HSS, 0.33 carbide)
 */
export function facingSpeed(input: {
  readonly rpm: number;
  readonly outerDiameterMm: number;
  readonly innerDiameterMm?: number | undefined;
  readonly targetMPerMin: number;
  readonly fraction: number;
  readonly feedMmRev?: number | undefined;
}): FacingSpeed {
  const { rpm, innerDiameterMm = 0, targetMPerMin, fraction, feedMmRev } = input;
  const outer = positive('outer diameter', input.outerDiameterMm) / 2;
  const inner = innerDiameterMm / 2;
  if (!(inner >= 0 && inner < outer)) throw new OutOfRange('inner diameter', innerDiameterMm, 0, 2 * outer);
  const radiusBelowMm =
    (1000 * fraction * positive('target speed', targetMPerMin))
    / (2 * Math.PI * positive('spindle speed', rpm));
  const rc = clamp(radiusBelowMm, inner, outer);
  return {
    rimSpeedMPerMin: surfaceSpeed(rpm, 2 * outer),
    innerSpeedMPerMin: (Math.PI * 2 * inner * rpm) / 1000,
    radiusBelowMm,
    pathFractionBelow: (rc - inner) / (outer - inner),
    areaFractionBelow: (rc ** 2 - inner ** 2) / (outer ** 2 - inner ** 2),
    timeS: feedMmRev === undefined ? null : (60 * (outer - inner)) / (positive('feed', feedMmRev) * rpm),
  };
}

export interface StepUp {
  readonly startRpm: number;
  readonly tooFastAtStart: boolean;
  readonly changes: readonly { readonly diameterMm: number; readonly rpm: number }[];
}

/**
 * The diameters at which a faster step becomes allowed as the work gets smaller.
 * A step n is allowed at and below Dn = 1000 v (1 + o) / (pi n).
 */
export function stepUp(
  rungsRpm: readonly number[],
  targetMPerMin: number,
  overshootPercent: number,
  startDiameterMm: number,
  endDiameterMm: number,
): StepUp {
  const rungs = [...rungsRpm].sort((a, b) => a - b);
  const slowest = positive('slowest speed', rungs[0] ?? NaN);
  positive('target speed', targetMPerMin);
  positive('start diameter', startDiameterMm);
  const allowedAt = (rpm: number): number =>
    (1000 * targetMPerMin * (1 + overshootPercent / 100)) / (Math.PI * rpm);
  const allowed = rungs.filter((rpm) => allowedAt(rpm) >= startDiameterMm);
  const startRpm = allowed.at(-1) ?? slowest;
  const changes = rungs
    .filter((rpm) => rpm > startRpm && allowedAt(rpm) >= endDiameterMm)
    .map((rpm) => ({ diameterMm: allowedAt(rpm), rpm }));
  return { startRpm, tooFastAtStart: allowed.length === 0, changes };
}

/** Cutting speeds at the two ends of a taper turned at a fixed spindle speed. */
export function taperSpeed(rpm: number, largeDiameterMm: number, smallDiameterMm: number) {
  const large = surfaceSpeed(rpm, largeDiameterMm);
  const small = surfaceSpeed(rpm, smallDiameterMm);
  return { largeMPerMin: large, smallMPerMin: small, meanMPerMin: (large + small) / 2, ratio: small / large };
}

import { positive, within } from '../quantity/out-of-range';
import { wholeOver } from '../quantity/whole';

/** A way to cover a flat face, strip by strip. */
export interface AreaMethod {
  readonly name: string;
  readonly diameterMm: number;
  /** Width of a strip over the cutter's diameter. */
  readonly widthShare: number;
  readonly teeth: number;
  readonly rpm: number;
  readonly fzMm: number;
  readonly kcNMm2: number;
  readonly setupMin: number;
}

export interface FlatFace {
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly depthMm: number;
  readonly clearanceMm: number;
  /** Winding back between two strips, minutes. */
  readonly returnMin: number;
}

export interface MethodTime {
  readonly name: string;
  readonly passes: number;
  readonly minutes: number;
  readonly stepsBetweenPasses: number;
  readonly powerKw: number;
}

/**
 * Passes, time and power of each way over a flat face.
 *
 * ```
 * passes = ceil(W / (share D))     time = set-up + passes (L + D + 2 c)/(n z fz) + (passes - 1) return
 * power  = depth min(share D, W) vf kc / 60e6 kW
 * ```
 *
 * @throws OutOfRange naming the value
 */
export function areaMethods(face: FlatFace, methods: readonly AreaMethod[]): MethodTime[] {
  const width = positive('width', face.widthMm);
  const length = positive('length', face.lengthMm);
  const depth = positive('depth', face.depthMm);
  return methods.map((of) => {
    const strip =
      within('share of the diameter', of.widthShare, 0.01, 1) * positive('diameter', of.diameterMm);
    const feedMmMin =
      positive('speed', of.rpm) * positive('teeth', of.teeth) * positive('feed per tooth', of.fzMm);
    const passes = wholeOver(width / strip);
    const travelMm = length + of.diameterMm + 2 * within('clearance', face.clearanceMm, 0, 1e4);
    return {
      name: of.name,
      passes,
      minutes: of.setupMin + (passes * travelMm) / feedMmMin + (passes - 1) * face.returnMin,
      stepsBetweenPasses: passes - 1,
      powerKw: (depth * Math.min(strip, width) * feedMmMin * positive('specific force', of.kcNMm2)) / 60e6,
    };
  });
}

/** The quickest way that the machine's power allows; null when none does. */
export const quickestWithin = (ways: readonly MethodTime[], availableKw: number): MethodTime | null =>
  ways
    .filter(({ powerKw }) => powerKw <= availableKw)
    .reduce<MethodTime | null>(
      (best, one) => (best === null || one.minutes < best.minutes ? one : best),
      null,
    );

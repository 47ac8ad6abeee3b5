import { surfaceSpeed } from '../mechanics/spindle-speed';
import { atLeast, positive } from '../quantity/out-of-range';

/** Rounding that a comparison with a rating forgives, as a share. */
const GUARD = 1e-9;

/** What is printed on a wheel; at least one of the two. */
export interface WheelRating {
  readonly mPerS: number | null;
  readonly rpm: number | null;
}

/** Surface speed of a wheel, m/s: v = pi D n / 60000. */
export const surfaceMPerS = (diameterMm: number, rpm: number): number => surfaceSpeed(rpm, diameterMm) / 60;

/**
 * Speed of a wheel against its rating: n <= 60000 v / (pi D) and n <= the printed rpm, equal allowed.
 * For the rating use the marked (new) diameter: a worn wheel is never a licence to raise the speed.
 *
 * @throws OutOfRange when neither rating is given
 * @example wheelSpeed(250, 2850, { mPerS: 35, rpm: null }).ok // false: 37.3 m/s
 */
export function wheelSpeed(diameterMm: number, spindleRpm: number, rating: WheelRating) {
  const speedMPerS = surfaceMPerS(diameterMm, spindleRpm);
  const bySpeed =
    rating.mPerS === null ? [] : [(60_000 * positive('rated speed', rating.mPerS)) / (Math.PI * diameterMm)];
  const byRpm = rating.rpm === null ? [] : [positive('rated rpm', rating.rpm)];
  const maxRpm = Math.min(...atLeast('ratings', [...bySpeed, ...byRpm], 1));
  return { speedMPerS, maxRpm, ok: spindleRpm <= maxRpm * (1 + GUARD) };
}

/** What ends the use of a wheel. */
export type WheelEnd = 'speed' | 'flange' | 'maker';

interface WornLimits {
  readonly spindleRpm: number;
  /** Below it the wheel acts too soft to cut well, m/s. */
  readonly leastMPerS: number;
  readonly flangeMm: number;
  /** That the wheel must stand out of its flanges, each side, mm. */
  readonly clearanceMm: number;
  readonly makerMm: number | null;
}

/**
 * Diameter at which a wheel is used up: the largest of 60000 v / (pi n), flange + 2 x clearance and
 * the maker's limit. Ties go to the first of them.
 * @example leastDiameter({ spindleRpm: 2850, leastMPerS: 15, flangeMm: 60, clearanceMm: 10, makerMm: null }).diameterMm // 100.5
 */
export function leastDiameter({ spindleRpm, leastMPerS, flangeMm, clearanceMm, makerMm }: WornLimits) {
  const bySpeedMm =
    (60_000 * positive('least speed', leastMPerS)) / (Math.PI * positive('spindle speed', spindleRpm));
  const byFlangeMm = positive('flange', flangeMm) + 2 * clearanceMm;
  const limits: readonly (readonly [WheelEnd, number])[] = [
    ['speed', bySpeedMm],
    ['flange', byFlangeMm],
    ...(makerMm === null ? [] : [['maker', positive("maker's limit", makerMm)] as const]),
  ];
  const [limitedBy, diameterMm] = limits.reduce((best, one) => (one[1] > best[1] ? one : best));
  return { bySpeedMm, byFlangeMm, diameterMm, limitedBy };
}

import { OutOfRange, positive } from '../quantity/out-of-range';

/** Extended Taylor relation V (f/f0)^a (d/d0)^b T^n = C. */
export interface TaylorLine {
  /** Exponent of life, 0 to 1: HSS 0.10-0.15, carbide 0.20-0.30. */
  readonly n: number;
  /** Speed of a life of one minute at the reference feed and depth, m/min. */
  readonly cMPerMin: number;
}

/** Feed and depth of a cut against those that the line was found at, mm. */
export interface TaylorCut {
  readonly feedMm: number;
  readonly depthMm: number;
  readonly feedRefMm: number;
  readonly depthRefMm: number;
  /** Exponents of feed (0.5-0.8) and depth (0.1-0.3). */
  readonly a: number;
  readonly b: number;
}

const heavier = (cut: TaylorCut): number =>
  (positive('feed', cut.feedMm) / positive('reference feed', cut.feedRefMm)) ** cut.a
  * (positive('depth', cut.depthMm) / positive('reference depth', cut.depthRefMm)) ** cut.b;

const exponent = (n: number): number => {
  if (!(n > 0 && n < 1)) throw new OutOfRange('exponent of life', n, 0, 1);
  return n;
};

/**
 * Minutes an edge lasts at a cutting speed. Between 2 and 240 minutes only: beyond,
 * other things end an edge.
 *
 * @example taylorLife({ n: 0.25, cMPerMin: 400 }, 200, sameAsReference) // 16
 */
export const taylorLife = ({ n, cMPerMin }: TaylorLine, vcMPerMin: number, cut: TaylorCut): number =>
  (positive('constant of life', cMPerMin) / (positive('cutting speed', vcMPerMin) * heavier(cut)))
  ** (1 / exponent(n));

/** The cutting speed at which an edge lasts so many minutes, m/min. */
export const taylorSpeed = ({ n, cMPerMin }: TaylorLine, lifeMin: number, cut: TaylorCut): number =>
  positive('constant of life', cMPerMin) / (positive('life', lifeMin) ** exponent(n) * heavier(cut));

/**
 * The line through two trials at equal feed and depth: n = ln(V1/V2)/ln(T2/T1), C = V1 T1^n.
 *
 * @throws OutOfRange for equal lives, or when the faster cut lasted longer
 * @example taylorThrough([30, 60], [36, 15]).n // 0.1315
 */
export function taylorThrough(
  [v1, t1]: readonly [vcMPerMin: number, lifeMin: number],
  [v2, t2]: readonly [vcMPerMin: number, lifeMin: number],
): TaylorLine {
  const n =
    Math.log(positive('first speed', v1) / positive('second speed', v2))
    / Math.log(positive('second life', t2) / positive('first life', t1));
  return { n: exponent(n), cMPerMin: v1 * t1 ** n };
}

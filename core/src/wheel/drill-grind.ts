import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';

/** Lip relief at the corner by diameter, degrees: up to so many mm. Typical. */
const RELIEF_DEG: readonly (readonly [mostMm: number, deg: number])[] = [
  [3, 18],
  [6, 15],
  [12, 12],
  [Infinity, 10],
];
/** Web at the point, as a share of the diameter, to which a grown web is thinned. */
const WEB_SHARE = 0.12;
/** Turn of the drill over which an indicator reads the drop behind a lip, degrees. */
const READ_OVER_DEG = 30;

/** What a drill is ground for. */
export const DRILL_USES = ['general', 'tough', 'soft-plastic', 'brass'] as const;
export type DrillUse = (typeof DRILL_USES)[number];

/** Point angles, degrees: typical. */
const POINT_DEG: Readonly<Record<DrillUse, number>> = {
  general: 118,
  tough: 135,
  'soft-plastic': 90,
  brass: 118,
};

/**
 * How a drill is ground again: the angle to the wheel, the relief of its lips with the drop that an
 * indicator reads behind them, and the web to thin to.
 *
 * ```
 *   wheel face |   /  drill: half the point angle to the face, both lips alike
 *              |  /
 *              | /) half point
 * ```
 *
 * @param feedMm  of a turn in the cut that it is for
 * @returns `leftDeg` is what the feed leaves of the relief at the corner: relief - atan(f / (pi D))
 * @example drillGrind(10, 'general', 0.2).dropMm // 0.56 over 30°
 */
export function drillGrind(diameterMm: number, use: DrillUse, feedMm: number) {
  const d = positive('drill diameter', diameterMm);
  const pointDeg = POINT_DEG[use];
  const reliefDeg = RELIEF_DEG.find(([most]) => d <= most)![1];
  const around = (Math.PI * d * READ_OVER_DEG) / 360;
  return {
    pointDeg,
    toFaceDeg: pointDeg / 2,
    reliefDeg,
    dropMm: around * Math.tan(reliefDeg * DEG),
    readOverDeg: READ_OVER_DEG,
    leftDeg: reliefDeg - Math.atan(within('feed', feedMm, 0, d) / (Math.PI * d)) / DEG,
    webMm: WEB_SHARE * d,
    /** A narrow flat without rake along each lip keeps a drill from snatching in brass. */
    dubLips: use === 'brass',
  };
}

/**
 * How much larger a hole comes out when one lip is longer than the other. The point then stands off the
 * axis by half of the difference times sin(half point), and the hole is larger by twice that.
 *
 * @param offMm  difference of the two lips' lengths
 * @example oversizeOfLips(0.2, 118) // 0.17
 */
export const oversizeOfLips = (offMm: number, pointDeg: number): number =>
  within('difference of the lips', offMm, 0, 50)
  * Math.sin((within('point angle', pointDeg, 30, 180) / 2) * DEG);

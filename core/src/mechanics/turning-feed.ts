import type { MachineCondition } from '../machine/machine-condition';
import { positive, within } from '../quantity/out-of-range';
import { DEG } from '../quantity/angle';

export interface TurningFeedLimits {
  /** Least chip thickness the edge really cuts. */
  readonly hMinMm: number;
  readonly feedNoseMmRev: number;
  readonly feedUpperMmRev: number;
  readonly feedLowerMmRev: number;
  readonly upperLimit: 'nose-radius' | 'machine-feed';
  readonly depthFloorMm: number;
  /** Two thirds of the nose radius: below it the push turns radial. */
  readonly depthPreferredMinMm: number;
}

/** Share of the nose radius that the feed may reach, and the most a machine is asked, by its condition. */
const NOSE_SHARE: Readonly<Record<MachineCondition, number>> = { rigid: 0.8, ordinary: 0.65, tired: 0.5 };
const MACHINE_FEED_MM_REV: Readonly<Record<MachineCondition, number>> = {
  rigid: 0.5,
  ordinary: 0.35,
  tired: 0.25,
};
const SHARP_CORNER_DEG = 60;
const SHARP_CORNER_SHARE = 0.5;

/**
 * Length of edge in the cut: nose arc and straight lead edge.
 *
 * ```
 *        feed <--
 *   ______________
 *        \        |  ap     arc depth a0 = r (1 - cos kappa)
 *      r  `-._____|
 * ```
 */
export function engagedEdge(depthMm: number, noseRadiusMm: number, approachDeg: number): number {
  const kappa = approachDeg * DEG;
  const arcDepth = noseRadiusMm * (1 - Math.cos(kappa));
  return depthMm > arcDepth
    ? (depthMm - arcDepth) / Math.sin(kappa) + noseRadiusMm * kappa
    : noseRadiusMm * Math.acos(1 - depthMm / noseRadiusMm);
}

/**
 * The window of feeds for turning: coarse enough that the edge cuts and does not
 * rub, fine enough for the nose and the machine.
 *
 * @param approachDeg  kappa_r, 90 = edge square to the feed
 * @param cornerDeg    included angle of the tool's corner
 */
export function turningFeedLimits(input: {
  readonly noseRadiusMm: number;
  readonly depthMm: number;
  readonly approachDeg: number;
  readonly cornerDeg: number;
  readonly condition: MachineCondition;
  readonly edgeRadiusUm: number;
  readonly minChipRatio: number;
}): TurningFeedLimits {
  const { noseRadiusMm: r, depthMm, approachDeg, cornerDeg, condition } = input;
  positive('nose radius', r);
  positive('depth', depthMm);
  within('approach angle', approachDeg, 1, 135);
  const share = NOSE_SHARE[condition];
  const feedNoseMmRev = (cornerDeg < SHARP_CORNER_DEG ? Math.min(SHARP_CORNER_SHARE, share) : share) * r;
  const machineFeed = MACHINE_FEED_MM_REV[condition];
  const hMinMm = (input.minChipRatio * input.edgeRadiusUm) / 1000;
  return {
    hMinMm,
    feedNoseMmRev,
    feedUpperMmRev: Math.min(feedNoseMmRev, machineFeed),
    feedLowerMmRev: (2 * hMinMm * engagedEdge(depthMm, r, approachDeg)) / depthMm,
    upperLimit: feedNoseMmRev <= machineFeed ? 'nose-radius' : 'machine-feed',
    depthFloorMm: 5 * hMinMm,
    depthPreferredMinMm: (2 * r) / 3,
  };
}

export interface ChipSection {
  readonly widthMm: number;
  readonly meanMm: number;
  readonly maxMm: number;
  readonly meanEnteringAngleDeg: number;
}

/** Chip section of a straight edge when turning: h = f sin kappa, b = ap / sin kappa. */
export function straightEdgeChip(feedMmRev: number, depthMm: number, enteringAngleDeg: number): ChipSection {
  const sine = Math.sin(within('entering angle', enteringAngleDeg, 1, 135) * DEG);
  const h = positive('feed', feedMmRev) * sine;
  return {
    widthMm: positive('depth', depthMm) / sine,
    meanMm: h,
    maxMm: h,
    meanEnteringAngleDeg: enteringAngleDeg,
  };
}

/** Chip section of a round insert, ap at most half its diameter. */
export function roundInsertChip(feedMmRev: number, depthMm: number, insertDiameterMm: number): ChipSection {
  positive('feed', feedMmRev);
  within('depth', positive('depth', depthMm), 0, insertDiameterMm / 2);
  const arc = Math.acos(1 - (2 * depthMm) / insertDiameterMm);
  const widthMm = (insertDiameterMm * arc) / 2;
  return {
    widthMm,
    meanMm: (feedMmRev * depthMm) / widthMm,
    maxMm: feedMmRev * Math.sin(arc),
    meanEnteringAngleDeg: Math.asin(depthMm / widthMm) / DEG,
  };
}

import type { MachineCondition } from '../machine/machine-condition';
import { governingLimit, type Governed } from '../quantity/governing-limit';
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

/** Share of the nose radius that the feed may reach, and the coarsest feed asked of a machine, by its condition. */
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
  const feedMachineMmRev = MACHINE_FEED_MM_REV[condition];
  const hMinMm = (input.minChipRatio * input.edgeRadiusUm) / 1000;
  return {
    hMinMm,
    feedNoseMmRev,
    feedUpperMmRev: Math.min(feedNoseMmRev, feedMachineMmRev),
    feedLowerMmRev: (2 * hMinMm * engagedEdge(depthMm, r, approachDeg)) / depthMm,
    upperLimit: feedNoseMmRev <= feedMachineMmRev ? 'nose-radius' : 'machine-feed',
    depthFloorMm: 5 * hMinMm,
    depthPreferredMinMm: (2 * r) / 3,
  };
}

/** What can hold the feed of turning up or down. */
export type TurningFeedLimit = 'finish' | 'nose-radius' | 'machine-feed' | 'edge-radius';

export interface TurningFeedStart {
  /** Before the factors, mm per turn. */
  readonly baseMmRev: number;
  readonly feed: Governed<TurningFeedLimit>;
  /** What the start was taken from, or the limit that moved it. */
  readonly decidedBy: TurningFeedLimit;
}

/** Share of the coarsest feed that a start takes: with room to work up, or close to a wanted finish. */
const START_SHARE = { roughing: 0.6, finishing: 0.9 } as const;

/**
 * The feed to start turning with: a share of the coarsest that nose, machine and
 * wanted finish allow, times the factor, and never so fine that the edge rubs.
 *
 * With a nose of 0.4 mm on a tired machine and a factor of 0.85: 0.6 of 0.2 is 0.12,
 * eased to 0.102 mm/rev.
 */
export function turningFeedStart(
  limits: TurningFeedLimits,
  {
    condition,
    finishMmRev,
    feedFactor,
    share = 1,
  }: {
    readonly condition: MachineCondition;
    /** Feed that leaves the wanted finish; null when roughing. */
    readonly finishMmRev: number | null;
    readonly feedFactor: number;
    /** Of the feed of turning outside that this operation takes, 0 to 1. */
    readonly share?: number;
  },
): TurningFeedStart {
  const uppers: readonly { readonly name: TurningFeedLimit; readonly value: number }[] = [
    { name: 'finish', value: finishMmRev ?? Infinity },
    { name: 'nose-radius', value: limits.feedNoseMmRev },
    { name: 'machine-feed', value: MACHINE_FEED_MM_REV[condition] },
  ];
  const startShare = finishMmRev === null ? START_SHARE.roughing : START_SHARE.finishing;
  const coarsest = uppers.reduce((least, one) => (one.value < least.value ? one : least));
  const baseMmRev = startShare * coarsest.value * share;
  const feed = governingLimit<TurningFeedLimit>(
    uppers,
    [{ name: 'edge-radius', value: limits.feedLowerMmRev }],
    baseMmRev * feedFactor,
  );
  return { baseMmRev, feed, decidedBy: feed.governing === 'wanted' ? coarsest.name : feed.governing };
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

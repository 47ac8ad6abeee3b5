import type { BuiltUpLevel } from '../material/material';
import { positive } from '../quantity/out-of-range';
import type { MachineCondition } from '../machine/machine-condition';
import { DEG } from '../quantity/angle';

/** Ra over Rt of a row of parabolas, 4/(9 sqrt 3). */
const RA_SHARE = 4 / (9 * Math.sqrt(3));
const UM = 1000;
/** Part of the least chip that is not pressed flat again, over the edge radius; ours. */
export const FINISH_CHIP_RATIO = 0.1;
const GOOD_RAKE_DEG = 15;
const EASED = 0.6;

export interface IdealRoughness {
  readonly rtUm: number;
  readonly raUm: number;
  readonly regime: 'nose-only' | 'nose-and-end-edge' | 'straight-edges';
}

const rad = (deg: number): number => deg * DEG;

/**
 * The ridges that feed and nose alone would leave: Rt = f²/8r while only the nose
 * makes them, else with the straight edges.
 *
 * @param endEdgeDeg  end cutting edge angle kappa_r'
 */
export function idealRoughness(
  feedMmRev: number,
  noseRadiusMm: number,
  approachDeg: number,
  endEdgeDeg: number,
): IdealRoughness {
  const [f, r, k, e] = [positive('feed', feedMmRev), noseRadiusMm, rad(approachDeg), rad(endEdgeDeg)];
  if (r > 0 && f <= 2 * r * Math.sin(e))
    return { rtUm: (UM * f * f) / (8 * r), raUm: (UM * RA_SHARE * f * f) / (8 * r), regime: 'nose-only' };
  if (r > 0) {
    const rt =
      r * (1 - Math.cos(e))
      + f * Math.sin(e) * Math.cos(e)
      - Math.sqrt(Math.max(0, 2 * f * r * Math.sin(e) ** 3 - f * f * Math.sin(e) ** 4));
    if (rt <= r * (1 - Math.cos(k)))
      return { rtUm: UM * rt, raUm: UM * RA_SHARE * rt, regime: 'nose-and-end-edge' };
  }
  const rt = r + (f - r * (1 / Math.sin(k) + 1 / Math.sin(e))) / (1 / Math.tan(k) + 1 / Math.tan(e));
  return { rtUm: UM * rt, raUm: (UM * rt) / 4, regime: 'straight-edges' };
}

export interface MinChipRoughness {
  readonly chipMm: number;
  readonly rtUm: number;
  readonly raUm: number;
  /** The feed that leaves the least, and what it leaves. */
  readonly bestFeedMmRev: number;
  readonly bestRtUm: number;
  readonly finerIsWorse: boolean;
}

/** What is left when the edge cannot cut the thinnest end of the chip: Rt = f²/8r + h/2 (1 + r h/f²). Source: Brammertz (1961). */
export function minChipRoughness(
  feedMmRev: number,
  noseRadiusMm: number,
  edgeRadiusUm: number,
  finishChipRatio = FINISH_CHIP_RATIO,
): MinChipRoughness {
  const [f, r] = [positive('feed', feedMmRev), positive('nose radius', noseRadiusMm)];
  const h = (finishChipRatio * edgeRadiusUm) / UM;
  const rt = (f * f) / (8 * r) + (h / 2) * (1 + (r * h) / (f * f));
  const bestFeedMmRev = Math.sqrt(2 * r * h);
  return {
    chipMm: h,
    rtUm: UM * rt,
    raUm: UM * RA_SHARE * rt,
    bestFeedMmRev,
    bestRtUm: UM * h,
    finerIsWorse: f < bestFeedMmRev,
  };
}

/** How much rougher the built-up edge makes a surface at its worst speed, by level. */
const BUILT_UP_PEAK: Readonly<Record<BuiltUpLevel, number>> = { 0: 1, 1: 1.4, 2: 2, 3: 3 };
/** How much rougher a machine makes a surface than feed and nose alone, by its condition. */
const MACHINE_FINISH: Readonly<Record<MachineCondition, number>> = { rigid: 1.1, ordinary: 1.3, tired: 1.7 };

/** Zone of speeds in which a metal builds up on the edge, and how much. */
export interface BuiltUpEdge {
  readonly level: BuiltUpLevel;
  readonly zoneMPerMin: readonly [number, number];
}

/** How much rougher the built-up edge makes it at a speed: a peak in the middle of the zone, eased by fluid and by rake. */
export function builtUpEdgeFactor(
  { level, zoneMPerMin: [low, high] }: BuiltUpEdge,
  speedMPerMin: number,
  fluid: boolean,
  rakeDeg: number,
): number {
  if (level === 0) return 1;
  const peak = BUILT_UP_PEAK[level];
  const mid = Math.sqrt(low * high);
  const w = Math.max(0, 1 - Math.abs(Math.log(speedMPerMin / mid)) / Math.log(high / mid));
  return 1 + (peak - 1) * w * (fluid ? EASED : 1) * (rakeDeg >= GOOD_RAKE_DEG ? EASED : 1);
}

export const machineFinishFactor = (condition: MachineCondition): number => MACHINE_FINISH[condition];

/** The feed that leaves a wanted Ra: ideally, and with this edge on this machine; null when it cannot be reached. */
export function feedForRoughness(
  raUm: number,
  noseRadiusMm: number,
  edgeRadiusUm: number,
  finishFactor: number,
  finishChipRatio = FINISH_CHIP_RATIO,
) {
  const rt = positive('wanted Ra', raUm) / UM / RA_SHARE;
  const h = (finishChipRatio * edgeRadiusUm) / UM;
  const r = positive('nose radius', noseRadiusMm);
  const g = rt / finishFactor - h / 2;
  const reachable = rt / finishFactor >= h;
  return {
    idealMmRev: Math.sqrt(8 * r * rt),
    feedMmRev: reachable ? Math.sqrt(4 * r * (g + Math.sqrt(Math.max(0, g * g - (h * h) / 4)))) : null,
    reachable,
    bestRaUm: UM * RA_SHARE * h * finishFactor,
  };
}

export type MilledSurface = 'peripheral' | 'face-nose' | 'end-dish';

/** Marks of a milled surface with every tooth true, and with one tooth high, which is usual, um. */
export function millingRoughness(
  kind: MilledSurface,
  cutterMm: number,
  fzMm: number,
  teeth: number,
  noseRadiusMm: number,
  dishDeg: number,
) {
  const left = (feed: number): number => {
    if (kind === 'peripheral') return cutterMm / 2 - Math.sqrt((cutterMm / 2) ** 2 - (feed * feed) / 4);
    return kind === 'face-nose' ? (feed * feed) / (8 * noseRadiusMm) : feed * Math.tan(rad(dishDeg));
  };
  return { everyToothUm: UM * left(fzMm), oneToothUm: UM * left(fzMm * teeth) };
}

/** How far one tooth stands out on a machine, mm, and the smoothest a milled surface comes out, Ra in um, by its condition. */
const TOOTH_RUNOUT_MM: Readonly<Record<MachineCondition, number>> = {
  rigid: 0.01,
  ordinary: 0.02,
  tired: 0.04,
};
const MILLED_FLOOR_RA_UM: Readonly<Record<MachineCondition, number>> = {
  rigid: 0.4,
  ordinary: 0.8,
  tired: 1.6,
};

/** Roughness of a milled surface, Ra in um: every tooth perfect, and as it really is. */
export interface MilledFinish {
  readonly idealRaUm: number;
  readonly realisticRaUm: number;
}

/**
 * Roughness that milling leaves on a machine of a condition, from the marks of
 * `millingRoughness`: one tooth stands out by the runout, so the marks are those of
 * one tooth a turn, but never deeper than the marks of a perfect cutter plus the
 * runout. The machine's own floor is joined by the root of the sum of squares.
 *
 * A face mill of four teeth, 0.1 mm a tooth, nose 0.8 mm, on an ordinary machine:
 * the smaller of 25 um and 1.6 + 20 um is 21.6 um, Ra 5.5; with the floor of 0.8, 5.6 um.
 */
export function milledFinish(
  { everyToothUm, oneToothUm }: ReturnType<typeof millingRoughness>,
  condition: MachineCondition,
): MilledFinish {
  const heightUm = Math.min(oneToothUm, everyToothUm + UM * TOOTH_RUNOUT_MM[condition]);
  return {
    idealRaUm: RA_SHARE * everyToothUm,
    realisticRaUm: Math.hypot(RA_SHARE * heightUm, MILLED_FLOOR_RA_UM[condition]),
  };
}

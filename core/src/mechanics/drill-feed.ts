import type { DrillGroup, Material } from '../material/material';
import { positive } from '../quantity/out-of-range';
import { DEG } from '../quantity/angle';
import { wholeIn } from '../quantity/whole';

export interface DrillFeed {
  readonly feedMmRev: number;
  readonly lowMmRev: number;
  readonly highMmRev: number;
}

/**
 * Feed of an HSS twist drill: f = 0.03 D^0.8 kd, usable from half to one and a half times.
 * @example drillFeed(material('medium-carbon'), 10).feedMmRev // 0.17
 */
export function drillFeed(metal: Material, diameterMm: number): DrillFeed {
  const feedMmRev = 0.03 * positive('drill diameter', diameterMm) ** 0.8 * metal.drillFeedFactor;
  return { feedMmRev, lowMmRev: feedMmRev / 2, highMmRev: feedMmRev * 1.5 };
}

/** Mild steel, mm/rev at mm; linear between, proportional below 1, constant above 40. */
const TABLE: readonly (readonly [diameterMm: number, feed: number])[] = [
  [1, 0.02],
  [2, 0.04],
  [3, 0.06],
  [4, 0.08],
  [5, 0.1],
  [6, 0.12],
  [8, 0.16],
  [10, 0.19],
  [12, 0.22],
  [16, 0.27],
  [20, 0.32],
  [25, 0.38],
  [32, 0.45],
  [40, 0.5],
];
const GROUPS: Readonly<Record<DrillGroup, number>> = {
  'free-cutting-steel': 1.15,
  'mild-steel': 1,
  'alloy-steel': 0.8,
  stainless: 0.75,
  'tool-steel': 0.65,
  'grey-iron': 1.3,
  aluminium: 1.4,
  'free-brass': 1.3,
  bronze: 0.9,
  thermoplastic: 1.2,
};
const HAND_SHARE = 0.7;

/**
 * The older table of drill feeds by diameter, kept as a second opinion.
 * @example drillFeedByTable(9, 'mild-steel') // 0.175
 */
export function drillFeedByTable(diameterMm: number, group: DrillGroup, handFed = false): number {
  const d = positive('drill diameter', diameterMm);
  return interpolate(d) * GROUPS[group] * (handFed ? HAND_SHARE : 1);
}

function interpolate(d: number): number {
  const [first, last] = [TABLE[0]!, TABLE.at(-1)!];
  if (d <= first[0]) return (d / first[0]) * first[1];
  if (d >= last[0]) return last[1];
  const i = TABLE.findIndex(([size]) => size >= d);
  const [[d0, f0], [d1, f1]] = [TABLE[i - 1]!, TABLE[i]!];
  return f0 + ((f1 - f0) * (d - d0)) / (d1 - d0);
}

/** Length of a drill's point: (D - web)/2 / tan(point angle / 2). */
export function drillPoint(diameterMm: number, pointAngleDeg: number, webMm = 0): number {
  return (positive('drill diameter', diameterMm) - webMm) / 2 / Math.tan((pointAngleDeg / 2) * DEG);
}

/** Turns of a tailstock or quill wheel for a hole: full-diameter depth + point, from the point touching. */
export function tailstockTurns(
  fullDepthMm: number,
  diameterMm: number,
  pointAngleDeg: number,
  travelPerTurnMm: number,
  divisions?: number,
) {
  const travelMm = positive('depth', fullDepthMm) + drillPoint(diameterMm, pointAngleDeg);
  const turns = travelMm / positive('travel per turn', travelPerTurnMm);
  const wholeTurns = wholeIn(turns);
  const rest = Math.max(0, turns - wholeTurns);
  return {
    travelMm,
    turns,
    wholeTurns,
    rest,
    extraDivisions: divisions === undefined ? null : rest * divisions,
  };
}

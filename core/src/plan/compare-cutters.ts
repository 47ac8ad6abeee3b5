import { cutPlan } from './cut-plan';
import type { CutSetup, ShopRules, Tool } from './cut-setup';
import { areaPlan, type AreaPlan } from './area';
import type { Operation } from './operations';
import { POWER_RESERVE, powerShare } from './power-share';

/** A flat face to be covered. */
export interface Area {
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Taken off in one layer, mm. */
  readonly depthMm: number;
  /** There and back cutting, or back empty; both ways alternates climbing and conventional. */
  readonly pattern: 'one-way' | 'both-ways';
}

export interface CutterForArea {
  /** Its place in the list that was asked about: names may be the same. */
  readonly index: number;
  readonly tool: Tool;
  readonly operation: Operation;
  readonly rpm: number;
  readonly setting: string;
  readonly feedMmMin: number;
  readonly area: AreaPlan;
  /** Beyond both ends of a pass, the whole cutter clear, mm. */
  readonly overrunMm: number;
  readonly share: number | null;
  /** Within the machine's power, with the reserve. */
  readonly within: boolean;
}

/** Share of the cutter's diameter that one strip is wide, by kind. */
const STRIP: Partial<Record<Tool['kind'], { readonly share: number; readonly operation: Operation }>> = {
  'face-mill': { share: 0.7, operation: 'face-mill' },
  'fly-cutter': { share: 0.75, operation: 'fly-cut' },
  'end-mill': { share: 0.6, operation: 'mill-side' },
};
export const coversArea = (kind: Tool['kind']): boolean => kind in STRIP;

/** How fast a table is cranked back, mm/min. */
const CRANKED_MM_MIN = 600;
const CLEARANCE_MM = 2;

/**
 * Small cutter, face mill or fly cutter over the same face: strips, way, time and
 * power of each; those within the machine's power first, the quickest of them in
 * front. Source: strips ceil(W/s), way L + 2 c + D.
 */
export function compareCutters(
  setup: CutSetup,
  tools: readonly Tool[],
  rules: ShopRules,
  area: Area,
): CutterForArea[] {
  const found = tools.flatMap((tool, index): CutterForArea[] => {
    const kind = STRIP[tool.kind];
    if (!kind) return [];
    const { share: strip, operation } = kind;
    const stepoverMm = Math.min(strip * tool.diameterMm, area.widthMm);
    const of: CutSetup = {
      ...setup,
      operation,
      tool,
      depthMm: area.depthMm,
      widthMm: stepoverMm,
      rpmByHand: null,
      feedByHand: null,
    };
    const plan = cutPlan(of, rules);
    const { share } = powerShare(of, plan);
    return [
      {
        index,
        tool,
        operation,
        rpm: plan.speed.rungRpm,
        setting: plan.speed.setting,
        feedMmMin: plan.feed.mmMin,
        share,
        within: share === null || share <= POWER_RESERVE * 1.001,
        overrunMm: tool.diameterMm / 2 + CLEARANCE_MM,
        area: areaPlan({
          lengthMm: area.lengthMm,
          widthMm: area.widthMm,
          cutterMm: tool.diameterMm,
          stepoverMm,
          feedMmMin: plan.feed.mmMin,
          clearanceMm: CLEARANCE_MM,
          pattern: area.pattern,
          returnMmMin: Math.max(CRANKED_MM_MIN, plan.feed.mmMin),
        }),
      },
    ];
  });
  return found.sort((a, b) => Number(b.within) - Number(a.within) || a.area.minutes - b.area.minutes);
}

import { OPERATION_KEYS, OPERATIONS, type CutSetup, type OperationKey } from '../operation/registry';
import { rotates, type RotatingTool, type Tool, type ToolKind } from '../tool/tool';
import { areaPlan, type AreaPlan } from './area';
import { cutPlan } from './cut-plan';
import { leavesReserve, powerShare } from './power-share';
import type { ShopRules } from './rules';

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
  readonly tool: RotatingTool;
  readonly operation: OperationKey;
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

/** The operation that covers a flat face with a kind of tool, strip by strip, and the share of the cutter that a strip is wide. */
function stripOf(kind: ToolKind): { readonly operation: OperationKey; readonly share: number } | null {
  for (const operation of OPERATION_KEYS) {
    const { tool, stripShare } = OPERATIONS[operation];
    if (tool === kind && stripShare !== undefined) return { operation, share: stripShare };
  }
  return null;
}
export const coversArea = (kind: ToolKind): boolean => stripOf(kind) !== null;

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
    const strip = stripOf(tool.kind);
    if (!strip || !rotates(tool)) return [];
    const { operation } = strip;
    const stepoverMm = Math.min(strip.share * tool.diameterMm, area.widthMm);
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
        within: share === null || leavesReserve(share),
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

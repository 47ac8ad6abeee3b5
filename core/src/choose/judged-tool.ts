import { costPerPart, type CostInputs } from '../cost/cost-per-part';
import { usualBreaks, type Prices } from '../cost/usual-prices';
import type { CutPlan } from '../operation/cut-plan';
import { OPERATIONS, type CutSetup } from '../operation/registry';
import { cutPlan } from '../plan/cut-plan';
import { forecast } from '../plan/forecast';
import { misfits } from '../plan/misfits';
import type { ShopRules } from '../plan/rules';
import { clamp } from '../quantity/clamp';
import { toolMaterial } from '../tool/library';
import type { Tool } from '../tool/tool';
import type { ToolMaterial } from '../tool/tool-material';
import type { JobWants } from './job-wants';

export type EdgeFamily = ToolMaterial['family'];

/** A job done with one tool: its cut, how long an edge lasts, the surface, and what a part costs. */
export interface JudgedTool {
  readonly tool: Tool;
  readonly family: EdgeFamily;
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  /** Minutes in the cut for a part. */
  readonly cutMin: number;
  /** Minutes of cutting that an edge lasts, within what is believed of an edge: 2 to 240. */
  readonly lifeMin: number;
  /** Roughness to be expected, micrometres Ra; null where it is not told. */
  readonly raUm: number | null;
  readonly costPerPart: number;
}

/** Below carbide's useful speed an edge crumbles before it wears: this share of its usual life. */
const CRUMBLING_SHARE = 1 / 3;
/** Lives outside are not believed, minutes. */
const BELIEVED_MIN = { least: 2, most: 240 } as const;

export const familyOf = (tool: Pick<Tool, 'material'>): EdgeFamily => toolMaterial(tool.material).family;

/** What the prices of a tool are: they differ where the drawer knows what it was bought for. */
export type PricesOf = (tool: Tool) => Prices;

/** What a cut costs with each family: the bit by the prices of the one tool, the edge by those of the other. */
export const costInputsOf = (
  { machine, interrupted, operation }: CutSetup,
  bit: Prices,
  edge: Prices,
  hss: Pick<JudgedTool, 'cutMin' | 'lifeMin'>,
  carbide: Pick<JudgedTool, 'cutMin' | 'lifeMin'>,
): CostInputs => ({
  ...bit,
  insertCost: edge.insertCost,
  edges: edge.edges,
  extraEdgesLost: edge.extraEdgesLost,
  holderCost: edge.holderCost,
  holderEdgeLives: edge.holderEdgeLives,
  indexMin: edge.indexMin,
  // A shaper's tool strikes the work at every stroke.
  breakProbability: usualBreaks(machine.condition, interrupted || OPERATIONS[operation].turns === 'stroke'),
  hssCutMin: hss.cutMin,
  hssLifeMin: hss.lifeMin,
  carbideCutMin: carbide.cutMin,
  carbideLifeMin: carbide.lifeMin,
});

/** A job done with a tool; null when the tool does not fit the job. */
export function judge(
  job: CutSetup,
  tool: Tool,
  wants: Pick<JobWants, 'passes'>,
  rules: ShopRules,
  pricesOf: PricesOf,
): JudgedTool | null {
  const setup: CutSetup = { ...job, tool, rpmByHand: null, feedByHand: null };
  if (misfits(setup).length > 0) return null;
  const plan = cutPlan(setup, rules);
  const { passS, life, finish } = forecast(setup, plan);
  const family = familyOf(tool);
  const cutMin = (wants.passes * passS) / 60;
  const lifeMin = clamp(
    life?.minutes ?? plan.edge.life.minutes * CRUMBLING_SHARE,
    BELIEVED_MIN.least,
    BELIEVED_MIN.most,
  );
  const alike = { cutMin, lifeMin };
  const prices = pricesOf(tool);
  const cost = costPerPart(costInputsOf(setup, prices, prices, alike, alike));
  return {
    tool,
    family,
    setup,
    plan,
    cutMin,
    lifeMin,
    raUm: finish?.realisticRaUm ?? null,
    costPerPart: family === 'hss' ? cost.hssCostPerPart : cost.carbideCostPerPart,
  };
}

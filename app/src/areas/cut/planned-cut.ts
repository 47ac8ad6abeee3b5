import {
  toSetup,
  type CutChoice,
  type MachineBody,
  type MetalBody,
  type StockBody,
  type ToolBody,
} from '@pike-stone/contract';
import {
  cutPlan,
  misfits,
  type CutPlan,
  type CutSetup,
  type LearnedFactors,
  type Misfit,
  type ShopRules,
} from '@pike-stone/core';

interface Known<Body> {
  readonly id: string;
  readonly body: Body;
}
interface Records {
  readonly machines: readonly Known<MachineBody>[];
  readonly stock: readonly Known<StockBody>[];
  readonly tools: readonly Known<ToolBody>[];
}

/**
 * What is chosen for a cut, as the core takes it; null when a record is missing.
 * @param ownMetal   finds the shop's own metal of a name
 * @param learnedOf  finds the shop's own factors for a machine, a metal and a tool material
 */
export function setupOf(
  choice: CutChoice,
  { machines, stock, tools }: Records,
  ownMetal: (metal: string) => MetalBody | null,
  learnedOf: (machineId: string, metal: string, toolMaterial: string) => LearnedFactors | null = () => null,
): CutSetup | null {
  const machine = machines.find(({ id }) => id === choice.machineId)?.body;
  const piece = stock.find(({ id }) => id === choice.stockId)?.body;
  const tool = tools.find(({ id }) => id === choice.toolId)?.body;
  if (!machine || !piece || !tool) return null;
  const setup = toSetup(choice, machine, piece, tool, ownMetal(piece.metal));
  return { ...setup, learned: learnedOf(choice.machineId, piece.metal, tool.material) };
}

/** The plan of a set-up; what does not go together when there can be none. */
export function plannedCut(
  setup: CutSetup,
  rules: ShopRules,
): { readonly plan: CutPlan } | { readonly misfits: readonly Misfit[] } {
  const found = misfits(setup);
  return found.length > 0 ? { misfits: found } : { plan: cutPlan(setup, rules) };
}

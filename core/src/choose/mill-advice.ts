import type { CutPlan } from '../operation/cut-plan';
import { OPERATIONS, type CutSetup } from '../operation/registry';
import type { Coating, EndMill } from '../tool/tool';
import {
  endMillChoice,
  millFaults,
  type EndMillChoice,
  type MillCoating,
  type MillCut,
  type MillFault,
} from './end-mill-choice';
import { milledGroup } from './milled-group';

/** A side cut no wider than this share of the cutter is a finishing cut. */
const FINISHING_SHARE = 0.1;
/** A coating of the drawer as the table knows it: aluminium-bearing ones harm alike. */
const COATED: Readonly<Record<Coating, MillCoating>> = {
  none: 'none',
  'with-aluminium': 'tialn',
  'without-aluminium': 'tin',
};

export interface MillAdvice {
  readonly cut: MillCut;
  readonly choice: EndMillChoice;
  /** What is wrong with the end mill in hand, what matters most first. */
  readonly faults: readonly MillFault[];
}

/** The end mill that a cut wants, and what is wrong with the one that is planned with. */
export function millAdvice(setup: CutSetup<EndMill>, plan: CutPlan): MillAdvice {
  const { tool, machine, operation } = setup;
  const isFinish = (plan.depth.widthInUseMm ?? Infinity) <= FINISHING_SHARE * tool.diameterMm;
  const cut = OPERATIONS[operation].endMillCut ?? (isFinish ? 'side-finish' : 'side-rough');
  const choice = endMillChoice(milledGroup(plan.metal), cut, machine.condition);
  const faults = millFaults(choice, {
    flutes: tool.teeth,
    coating: COATED[tool.coating ?? 'none'],
    centreCutting: tool.centreCutting !== false,
  });
  return { cut, choice, faults };
}

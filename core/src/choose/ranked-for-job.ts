import { isDoneWith, operationOf, type CutSetup } from '../operation/registry';
import { rankTools, type RankedTool } from '../plan/rank-tools';
import type { ShopRules } from '../plan/rules';
import { isBeyond } from '../quantity/beyond';
import type { Tool } from '../tool/tool';
import { faultsWeigh, type MillFault } from './end-mill-choice';
import type { JobWants } from './job-wants';
import { familyOf, judge, type EdgeFamily, type JudgedTool, type PricesOf } from './judged-tool';
import { millAdvice } from './mill-advice';
import type { Verdict } from './weigh';

/** A tool of the drawer for a job, with what it would do. */
export interface RankedForJob<T> extends RankedTool<T> {
  readonly family: EdgeFamily;
  /** Null where it cannot do this job: it does not fit, or makes another size. */
  readonly judged: JudgedTool | null;
  /** The surface that it leaves is rougher than wanted. */
  readonly tooRough: boolean;
  /** What is wrong with an end mill for this metal and cut. */
  readonly faults: readonly MillFault[];
}

/** Sizes closer than this are the same hole or slot, mm. */
const SAME_SIZE_MM = 0.02;
/** Whether a tool makes a hole, slot or form of another size than the tool of the set-up. */
function makesOtherSize(setup: CutSetup, tool: Tool): boolean {
  const { toolMakesMm } = operationOf(setup);
  return toolMakesMm !== undefined && Math.abs(toolMakesMm({ tool }) - toolMakesMm(setup)) > SAME_SIZE_MM;
}

/** What is wrong with the tool of a judged cut, where it is an end mill that mills. */
const faultsOf = ({ setup, plan }: JudgedTool): readonly MillFault[] =>
  isDoneWith(setup, 'end-mill') ? millAdvice(setup, plan).faults : [];

/**
 * The tools of a drawer with what each would do in a job: those that fit and make its size
 * first, of those the ones that leave the surface wanted, the right end mill, the cheaper.
 */
export const judgedInOrder = <T extends { readonly body: Tool }>(
  setup: CutSetup,
  wants: Pick<JobWants, 'passes' | 'finishRaUm'>,
  tools: readonly T[],
  rules: ShopRules,
  pricesOf: PricesOf,
): readonly RankedForJob<T>[] =>
  rankTools(setup, tools, rules)
    .map((one): RankedForJob<T> => {
      const family = familyOf(one.item.body);
      if (one.rank < 2 && makesOtherSize(setup, one.item.body))
        return { ...one, rank: 1, drawback: 'other-size', family, judged: null, tooRough: false, faults: [] };
      const judged = judge(setup, one.item.body, wants, rules, pricesOf);
      const tooRough = isBeyond(judged?.raUm ?? 0, wants.finishRaUm);
      return { ...one, family, judged, tooRough, faults: judged ? faultsOf(judged) : [] };
    })
    .sort(inOrder);

/** The same tools, of those that fit the family of the verdict first. */
export function verdictFirst<T>(
  ranked: readonly RankedForJob<T>[],
  verdict: Verdict,
): readonly RankedForJob<T>[] {
  const other = ({ family }: RankedForJob<T>): number => Number(family !== verdict);
  return [...ranked].sort((a, b) => byRank(a, b) || other(a) - other(b) || inOrder(a, b));
}

/** Fit, and what cannot do the job after what can. */
const byRank = <T>(a: RankedForJob<T>, b: RankedForJob<T>): number =>
  a.rank - b.rank || Number(a.judged === null) - Number(b.judged === null);

/** Fit, then the surface wanted, then the form and coating of an end mill, then the cheaper part. */
const inOrder = <T>(a: RankedForJob<T>, b: RankedForJob<T>): number =>
  byRank(a, b)
  || Number(a.tooRough) - Number(b.tooRough)
  || faultsWeigh(a.faults) - faultsWeigh(b.faults)
  || (a.judged?.costPerPart ?? 0) - (b.judged?.costPerPart ?? 0);

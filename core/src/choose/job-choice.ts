import { costPerPart, type CostInputs, type CostPerPart } from '../cost/cost-per-part';
import { tradeOf, USUAL_PRICES } from '../cost/usual-prices';
import { OPERATIONS, type CutSetup, type OperationKey } from '../operation/registry';
import type { ShopRules } from '../plan/rules';
import type { Tool } from '../tool/tool';
import { SIZELESS } from '../tool/usual-tool';
import type { ChoiceInputs } from './choice-inputs';
import { flips, type Flips } from './flips';
import { flipsOfJob } from './flips-of-job';
import { inputsOfJob } from './inputs-of-job';
import type { JobWants } from './job-wants';
import { costInputsOf, type EdgeFamily, type PricesOf } from './judged-tool';
import { judgedInOrder, verdictFirst, type RankedForJob } from './ranked-for-job';
import { sideFromDrawer, sideToGet, type Side } from './side-of-job';
import { weigh, type ChoiceSchool, type Weighed } from './weigh';

export interface JobChoice<T> {
  readonly inputs: ChoiceInputs;
  readonly weighed: Weighed;
  readonly flips: Flips;
  readonly hss: Side<T>;
  readonly carbide: Side<T>;
  /** Tools of the drawer for the job, the best first. */
  readonly ranked: readonly RankedForJob<T>[];
  /** The tool to take; null when nothing in the drawer fits. */
  readonly pick: RankedForJob<T> | null;
  readonly costInputs: CostInputs;
  readonly cost: CostPerPart;
  /** The motor is not known: power is left out of the choice. */
  readonly powerUnknown: boolean;
}

/** Whether there is anything to choose: a knurl or a file is of one material only. */
export const hasChoice = (operation: OperationKey): boolean => !SIZELESS.includes(OPERATIONS[operation].tool);

/**
 * High speed steel or carbide for a job on its machine, from this drawer: what each would
 * do it with, the weighed verdict, what it costs, and the tools in order.
 *
 * Every input of the choice is taken from the planned cuts. The set-up's own tool only
 * says of what kind and size the tool is. Tools that fit and make that size come first, of
 * those the family of the verdict, those that leave the surface wanted, the right end mill
 * for the metal, then the cheaper.
 *
 * @throws OutOfRange, DoesNotFit as `cutPlan` does, when no tool can do the job
 */
export function jobChoice<T extends { readonly body: Tool }>(
  setup: CutSetup,
  wants: JobWants,
  tools: readonly T[],
  rules: ShopRules,
  school: ChoiceSchool = 'neither',
  pricesOf: PricesOf = ({ kind }) => USUAL_PRICES[tradeOf(kind)],
): JobChoice<T> {
  const byFit = judgedInOrder(setup, wants, tools, rules, pricesOf);
  const sideOf = (family: EdgeFamily): Side<T> =>
    sideFromDrawer(family, byFit) ?? sideToGet(family, byFit, setup, wants, rules, pricesOf);
  const [hss, carbide] = [sideOf('hss'), sideOf('carbide')];
  const costInputs = costInputsOf(
    setup,
    pricesOf(hss.judged.tool),
    pricesOf(carbide.judged.tool),
    hss.judged,
    carbide.judged,
  );
  const cost = costPerPart(costInputs);
  const { inputs, powerUnknown } = inputsOfJob(setup, wants, carbide, cost, {
    hssInDrawer: hss.inDrawer,
    carbideInDrawer: carbide.inDrawer,
  });
  const weighed = weigh(inputs, school);
  const ranked = verdictFirst(byFit, weighed.verdict);
  return {
    inputs,
    weighed,
    flips: flipsOfJob(flips(inputs, school), inputs, weighed, powerUnknown),
    hss,
    carbide,
    ranked,
    pick: ranked.find(({ judged }) => judged !== null) ?? null,
    costInputs,
    cost,
    powerUnknown,
  };
}

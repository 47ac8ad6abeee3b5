import { costPerPart, type CostInputs, type CostPerPart } from '../cost/cost-per-part';
import { tradeOf, USUAL_PRICES } from '../cost/usual-prices';
import { material } from '../material/library';
import { withOverride } from '../material/material';
import { speedRange } from '../mechanics/speed-range';
import type { CutPlan } from '../operation/cut-plan';
import { isDoneWith, operationOf, OPERATIONS, type CutSetup, type OperationKey } from '../operation/registry';
import { checkFit } from '../plan/misfits';
import { powerShare } from '../plan/power-share';
import { rankTools, type RankedTool } from '../plan/rank-tools';
import type { ShopRules } from '../plan/rules';
import { isBeyond } from '../quantity/beyond';
import type { Tool } from '../tool/tool';
import { SIZELESS } from '../tool/usual-tool';
import type { ChoiceInputs, InsertKind } from './choice-inputs';
import { edgeFeed } from './edge-feed';
import { faultsWeigh, type MillFault } from './end-mill-choice';
import { flips, type Flips } from './flips';
import { flipsOfJob } from './flips-of-job';
import type { JobWants } from './job-wants';
import {
  costInputsOf,
  familyOf,
  judge,
  type EdgeFamily,
  type JudgedTool,
  type PricesOf,
} from './judged-tool';
import { metalCharacter } from './metal-character';
import { millAdvice } from './mill-advice';
import { stiffnessOf } from './stiffness';
import { usualOfFamily } from './usual-of-family';
import { weigh, type ChoiceSchool, type Weighed } from './weigh';

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

/** What one family would do the job with. */
export interface Side<T> {
  /** Its entry in the drawer; null when there is none that fits: it has to be bought or ground. */
  readonly item: T | null;
  /** A sharp one that fits is in the drawer. */
  readonly inDrawer: boolean;
  readonly judged: JudgedTool;
}

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

/** Pressed chip breakers work from about this feed, and from the nose radius in depth, mm. */
const BREAKER_FROM_FEED_MM = 0.1;
/** Tools whose chip is broken by the form of the edge; teeth that turn break it themselves. */
const BREAKS_CHIPS: readonly Tool['kind'][] = ['turning-tool', 'boring-bar', 'parting-blade'];

/** The insert as the choice sees it: how it is coated and ground. */
function insertKind(tool: Tool): InsertKind {
  if ('coating' in tool && tool.coating === 'with-aluminium') return 'aluminium-bearing-coating';
  if (tool.material === 'carbide-coated') return 'coated';
  return tool.material === 'brazed-carbide' ? 'uncoated' : 'polished-sharp-uncoated';
}

/** Blows of a cut: 0 none, 1 light, 2 heavy; a shaper's tool strikes the work at every stroke. */
function blows({ interrupted, operation }: CutSetup, areHeavy: boolean): number {
  if (OPERATIONS[operation].turns === 'stroke') return 2;
  return interrupted ? (areHeavy ? 2 : 1) : 0;
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

/** Cutting speed at the machine's fastest usable step, m/min. */
const reachable = ({ speed: { actualMPerMin, rungRpm, topRpm } }: CutPlan): number =>
  (actualMPerMin * topRpm) / rungRpm;

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
  const metal = withOverride(material(setup.stock.materialKey), setup.stock.own);
  const character = metalCharacter(metal, setup.firstPassOnSkin);
  const byFit = rankTools(setup, tools, rules)
    .map((one): RankedForJob<T> => {
      const family = familyOf(one.item.body);
      if (one.rank < 2 && makesOtherSize(setup, one.item.body))
        return { ...one, rank: 1, drawback: 'other-size', family, judged: null, tooRough: false, faults: [] };
      const judged = judge(setup, one.item.body, wants, rules, pricesOf);
      const tooRough = isBeyond(judged?.raUm ?? 0, wants.finishRaUm);
      return { ...one, family, judged, tooRough, faults: judged ? faultsOf(judged) : [] };
    })
    .sort(inOrder);
  const fits = byFit.filter((one): one is RankedForJob<T> & { judged: JudgedTool } => one.judged !== null);
  const sideOf = (family: EdgeFamily): Side<T> => {
    const own = fits.find((one) => one.family === family);
    if (own) return { item: own.item, inDrawer: !own.item.body.dull, judged: own.judged };
    // None in the drawer: as the tool of the set-up would be of this family, or as one that fits.
    for (const like of [setup.tool, ...fits.map(({ item }) => item.body)]) {
      const usual = usualOfFamily(like, family, character.gummy);
      const judged = judge(setup, usual, wants, rules, pricesOf);
      if (judged) return { item: null, inDrawer: false, judged };
    }
    checkFit(setup);
    throw new Error('a tool does not fit a set-up that fits');
  };
  const [hss, carbide] = [sideOf('hss'), sideOf('carbide')];
  const { plan, tool } = carbide.judged;
  const power = powerShare(carbide.judged.setup, plan);
  const noseRadiusMm = 'noseRadiusMm' in tool ? tool.noseRadiusMm : plan.depth.mm;
  const costInputs = costInputsOf(
    setup,
    pricesOf(hss.judged.tool),
    pricesOf(carbide.judged.tool),
    hss.judged,
    carbide.judged,
  );
  const cost = costPerPart(costInputs);
  const inputs: ChoiceInputs = {
    ...character,
    chip: BREAKS_CHIPS.includes(tool.kind) ? character.chip : 'medium',
    reachableMPerMin: reachable(plan),
    carbideLowMPerMin: speedRange(metal, plan.edge, OPERATIONS[setup.operation].speedColumn).lowMPerMin,
    // Of a motor that is not known the power just does: it speaks for neither.
    powerAvailableKw: power.has?.powerKw ?? 1,
    powerNeededKw: power.has ? power.powerKw : 1,
    stiffness: stiffnessOf(setup),
    depthMm: plan.depth.mm,
    noseRadiusMm,
    edgeRadiusUm: plan.edge.edgeRadiusUm,
    feedMm: edgeFeed(carbide.judged).mm,
    interruption: blows(setup, wants.heavyBlows),
    specialForm: wants.specialForm,
    parts: wants.parts,
    hssCostPerPart: cost.hssCostPerPart,
    carbideCostPerPart: cost.carbideCostPerPart,
    finishRaUm: wants.finishRaUm,
    handFeed: plan.feed.setting.how === 'hand',
    breakerInRange: plan.feed.mmRev >= BREAKER_FROM_FEED_MM && plan.depth.mm >= noseRadiusMm,
    insert: insertKind(tool),
    carbideInDrawer: carbide.inDrawer,
    hssInDrawer: hss.inDrawer,
  };
  const weighed = weigh(inputs, school);
  const other = ({ family }: RankedForJob<T>): number => Number(family !== weighed.verdict);
  const ranked = [...byFit].sort((a, b) => byRank(a, b) || other(a) - other(b) || inOrder(a, b));
  return {
    inputs,
    weighed,
    flips: flipsOfJob(flips(inputs, school), inputs, weighed, power.has === null),
    hss,
    carbide,
    ranked,
    pick: ranked.find(({ judged }) => judged !== null) ?? null,
    costInputs,
    cost,
    powerUnknown: power.has === null,
  };
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

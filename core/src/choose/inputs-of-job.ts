import type { CostPerPart } from '../cost/cost-per-part';
import { speedRange } from '../mechanics/speed-range';
import type { CutPlan } from '../operation/cut-plan';
import { OPERATIONS, type CutSetup } from '../operation/registry';
import { powerShare } from '../plan/power-share';
import type { Tool } from '../tool/tool';
import type { ChoiceInputs, InsertKind } from './choice-inputs';
import { edgeFeed } from './edge-feed';
import type { JobWants } from './job-wants';
import type { JudgedTool } from './judged-tool';
import { metalCharacter } from './metal-character';
import { stiffnessOf } from './stiffness';

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

/** Cutting speed at the machine's fastest usable step, m/min. */
const reachable = ({ speed: { actualMPerMin, rungRpm, topRpm } }: CutPlan): number =>
  (actualMPerMin * topRpm) / rungRpm;

/** What the choice of a job is weighed with. */
export interface JobInputs {
  readonly inputs: ChoiceInputs;
  /** The motor is not known: power is left out. */
  readonly powerUnknown: boolean;
}

/** Every input of the choice, from what is planned with the carbide tool and what the job asks. */
export function inputsOfJob(
  setup: CutSetup,
  wants: JobWants,
  { judged }: { readonly judged: JudgedTool },
  cost: Pick<CostPerPart, 'hssCostPerPart' | 'carbideCostPerPart'>,
  drawer: Pick<ChoiceInputs, 'hssInDrawer' | 'carbideInDrawer'>,
): JobInputs {
  const { plan, tool } = judged;
  const character = metalCharacter(plan.metal, setup.firstPassOnSkin);
  const power = powerShare(judged.setup, plan);
  const noseRadiusMm = 'noseRadiusMm' in tool ? tool.noseRadiusMm : plan.depth.mm;
  return {
    powerUnknown: power.has === null,
    inputs: {
      ...character,
      chip: BREAKS_CHIPS.includes(tool.kind) ? character.chip : 'medium',
      reachableMPerMin: reachable(plan),
      carbideLowMPerMin: speedRange(plan.metal, plan.edge, OPERATIONS[setup.operation].speedColumn)
        .lowMPerMin,
      // Of a motor that is not known the power just does: it speaks for neither.
      powerAvailableKw: power.has?.powerKw ?? 1,
      powerNeededKw: power.has ? power.powerKw : 1,
      stiffness: stiffnessOf(setup),
      depthMm: plan.depth.mm,
      noseRadiusMm,
      edgeRadiusUm: plan.edge.edgeRadiusUm,
      feedMm: edgeFeed(judged).mm,
      interruption: blows(setup, wants.heavyBlows),
      specialForm: wants.specialForm,
      parts: wants.parts,
      hssCostPerPart: cost.hssCostPerPart,
      carbideCostPerPart: cost.carbideCostPerPart,
      finishRaUm: wants.finishRaUm,
      handFeed: plan.feed.setting.how === 'hand',
      breakerInRange: plan.feed.mmRev >= BREAKER_FROM_FEED_MM && plan.depth.mm >= noseRadiusMm,
      insert: insertKind(tool),
      ...drawer,
    },
  };
}

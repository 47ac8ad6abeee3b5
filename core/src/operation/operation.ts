import type { Dial } from '../machine/dial';
import type { Machine } from '../machine/machine';
import type { Material, SpeedOperation } from '../material/material';
import type { FactorChain, FactorName } from '../mechanics/factor-chain';
import type { SpecificForce } from '../mechanics/specific-force';
import type { Tool, ToolKind } from '../tool/tool';
import type { ToolMaterial, ToolMaterialKey } from '../tool/tool-material';
import type { CutPlan, DepthStart, FeedStart, SpeedCap } from './cut-plan';
import type { Cutting, Feeding, StandsOut } from './cutting';
import type { Finding } from './finding';
import type { Job, Way } from './job';
import type { LighterTool } from './lighter-tool';
import type { Misfit } from './misfit';
import type { StepCaution } from './step-caution';

/** Pages that a cut leads on to. */
export type Onward = 'to-size' | 'thread-passes' | 'flat-face';

/** What is known when the starting depth is asked. */
export interface DepthContext {
  readonly metal: Material;
  readonly edge: ToolMaterial;
  readonly depthFactor: number;
}

/** What is known when the starting feed is asked. */
export interface FeedContext {
  readonly metal: Material;
  readonly edge: ToolMaterial;
  readonly factors: FactorChain;
  readonly depthMm: number;
  readonly widthMm: number | null;
  readonly rpm: number;
}

/** What a cut asks of the spindle. */
export interface SpindleLoad {
  readonly force: SpecificForce;
  readonly powerKw: number;
  readonly torqueNm: number;
}

/** Forces at the edge, N: along the cut (the highest of a tooth when milling), and away from the work. */
export interface EdgeLoad {
  readonly cuttingN: number;
  readonly pushN: number;
}

/**
 * What can be done to a piece of work: everything the planner must know of it.
 * The planner itself knows no operation by name.
 */
export interface Operation<T extends Tool = Tool> {
  readonly tool: ToolKind & T['kind'];
  readonly cutting: Cutting;
  /** What the speed belongs to: the rim of the work, of the cutter, or a stroke. */
  readonly turns: 'work' | 'cutter' | 'stroke';
  readonly speedColumn: SpeedOperation;
  /** The tool material its speed is read from, where that is not the tool's own. */
  readonly readAs?: ToolMaterialKey;

  /** What it asks beside diameter, depth and stick-out, each with its usual value. */
  readonly asks: {
    lengthMm?(job: Job<T>): number;
    angleDeg?(job: Job<T>): number;
    pitchMm?(job: Job<T>): number;
  };
  /** Ways to do it, the usual one first; empty where there is one only. */
  readonly ways: readonly Way[];
  readonly usualStickOutMm: number;
  readonly standsOut: StandsOut | null;
  /** Fed along the work: a centre at its end helps. */
  readonly supported: boolean;
  /** Cuts with its whole width, in an open slot or under a neck slot: the chips stay in. */
  readonly fullWidth: 'slot' | 'undercut' | null;
  /** Height of the edge counts, outside or in a bore. */
  readonly edgeHeight: 'outside' | 'bore' | null;

  /** The depth is a choice of the person, not given by the tool or the form. */
  readonly depthIsChosen: boolean;
  /** A depth left to the plan is eased to the power of the machine; else the feed alone is. */
  readonly easesDepth: boolean;
  /** A width and a depth left to the plan are eased until the cutter hardly bends. */
  readonly easesToSpring?: boolean;
  /** The width, not the depth, is what goes under a skin. */
  readonly skinByWidth?: boolean;
  /** The depth is advanced on the radius of the work. */
  readonly depthOnRadius: boolean;
  /** What the depth does to the diameter; null where there is none to tell. */
  readonly diameterChange: 'smaller' | 'larger' | null;
  /** What an end mill does that does not mill with its side. */
  readonly endMillCut?: 'slot' | 'plunge' | 'ramp';
  /** What its tolerance lies on, for the measuring: a size outside or inside, a depth or length, a form held to a template. */
  readonly measured: 'outside' | 'inside' | 'depth' | 'form';
  readonly widthIsChosen: boolean;
  /** The middle of the work stops the depth. */
  readonly stopsAtMiddle: boolean;

  /** How its surface comes about; null where it is not told. */
  readonly surface: 'nose' | 'peripheral' | 'face' | null;
  /** More feed or depth may break the chip. */
  readonly breaksChip: boolean;
  /** Down to this share of the diameter faster steps are told; null where they are not. */
  readonly stepUpsDownTo: number | null;
  readonly leadsTo: readonly Onward[];
  /** Width of one strip over a flat face as a share of the cutter. */
  readonly stripShare?: number;
  /** The caution that bites at this step; null: only those of the machine. */
  readonly caution: StepCaution | null;

  /** Size of the work that the tool itself gives, mm: a tool of another size makes another hole or slot. */
  toolMakesMm?(job: Pick<Job<T>, 'tool'>): number;
  /** Diameter whose rim cuts fastest, mm. */
  rimDiameterMm(job: Job<T>): number;
  feeding(job: Job<T>): Feeding;
  /** The dial that sets the depth; null where a stop, the compound or the quill does. */
  depthDial(machine: Machine): Dial | null;
  startDepth(job: Job<T>, context: DepthContext): DepthStart;
  /** Width of the cut from the typed one and the start, where it is not simply the start's. */
  chosenWidthMm?(job: Job<T>, startMm: number): number;
  startFeed(job: Job<T>, context: FeedContext): FeedStart;
  /** Factors that follow from the depth and the width of the cut. */
  depthFactors(job: Job<T>, depthMm: number, widthMm: number | null): readonly FactorName[];
  /** Speeds that this operation must not go beyond, whatever the chart says. */
  speedCaps?(job: Job<T>, highMPerMin: number): readonly SpeedCap[];
  /** Sizes chosen for it that cannot be. */
  misfits?(job: Job<T>): readonly Misfit[];
  /** What would be driven, where the tool itself asks for more than the machine has: so many times less. */
  lighter?(job: Job<T>, plan: CutPlan, times: number): LighterTool | null;

  /** Null where nothing is cut off. */
  spindleLoad(job: Job<T>, plan: CutPlan): SpindleLoad | null;
  edgeLoad(job: Job<T>, plan: CutPlan): EdgeLoad | null;
  /** Thickness of the chip that makes the heat, mm. */
  chipThicknessMm(job: Job<T>, plan: CutPlan): number;
  /** Thickest chip of a tooth at a feed per tooth, mm; null where no tooth cuts. */
  toothChipMm(job: Job<T>, fzMm: number, depthMm: number, widthMm: number | null): number | null;
  /** How far the edge goes in one pass, mm. */
  passLengthMm(job: Job<T>, plan: CutPlan): number;
  /** Length along the axis that cuts, mm: no deeper in one pass; null where nothing says so. */
  cuttingLengthMm(tool: T): number | null;
  /** Findings of this operation only. */
  findings(job: Job<T>, plan: CutPlan): readonly Finding[];
}

import { isMill, type Machine } from '../../machine/machine';
import { radialThinning, toothChip } from '../../mechanics/chip-thinning';
import { feedPerTooth, type CutterUse } from '../../mechanics/feed-per-tooth';
import { millingForce, millingPower, type MillingCut } from '../../mechanics/milling-force';
import { forceConstants } from '../../mechanics/specific-force';
import type {
  DovetailCutter,
  EndMill,
  FaceMill,
  FlyCutter,
  FormCutter,
  SlittingSaw,
  TSlotCutter,
} from '../../tool/tool';
import type { CutPlan, FeedStart } from '../cut-plan';
import { forceEdge } from '../edge';
import type { Job } from '../job';
import type { FeedContext, Operation } from '../operation';

export type MillCutter =
  EndMill | FaceMill | FlyCutter | SlittingSaw | FormCutter | TSlotCutter | DovetailCutter;

/** A narrow cut may raise the feed per tooth to so many times; less where it is wound by hand. */
export const POWER_FEED_CAP = 2;
export const HAND_FEED_CAP = 1.5;
/** Most of a chart's chip load that a cutter still takes. */
const HIGH_SHARE = 1.5;
/** Deeper than its diameter a cutter works with more of its edge, with a tolerance for rounded sizes. */
const DEEP_SHARE = 1.001;
/** A finishing cut is narrower than this, mm, and than this share of the diameter. */
const LIGHT_MM = 0.5;
const LIGHT_SHARE = 0.02;
/** Length for which the time of a pass is told where the work does not say it, mm. */
const MILLED_MM = 100;
export const milledPassMm = (): number => MILLED_MM;

/** How a cutter meets the metal, mm: across its radius and along its axis. */
interface Engagement {
  readonly aeMm: number;
  readonly apMm: number;
}

/** The knee of a mill, which sets the depth of a cutter that stands upright in it. */
export const kneeDial = (machine: Machine) => (isMill(machine) ? machine.kneeDial : null);

/** The table's wheel as a dial that a width can be read from; null on other machines. */
export const tableDial = (machine: Machine) => (isMill(machine) ? machine.tableWheel : null);

/** Sideways into the work: the width lies on the radius, the depth along the axis. */
const upright = <T extends MillCutter>({ tool }: Job<T>, depthMm: number, widthMm: number | null) => ({
  aeMm: Math.min(widthMm ?? tool.diameterMm, tool.diameterMm),
  apMm: depthMm,
});

interface MilledBy<T extends MillCutter> {
  readonly use: CutterUse;
  /** Width of a saw or a form, for the feed of a saw. */
  readonly edgeWidthMm?: (job: Job<T>) => number;
  readonly engagement?: (job: Job<T>, depthMm: number, widthMm: number | null) => Engagement;
  /** Lead of the edges and place of the cut: 90° at the side when left out. */
  readonly face?: (tool: T) => number;
}

/**
 * What all milling shares: feed from the chip load of a tooth, raised where a narrow
 * cut thins the chip, and the power of the mean chip.
 */
export const milled = <T extends MillCutter>({
  use,
  edgeWidthMm = () => 0,
  engagement = upright,
  face,
}: MilledBy<T>) => {
  const cutOf = (job: Job<T>, plan: CutPlan): MillingCut => ({
    diameterMm: job.tool.diameterMm,
    ...engagement(job, plan.depth.mm, plan.depth.widthInUseMm),
    teeth: job.tool.teeth,
    fzMm: plan.feed.mmRev / job.tool.teeth,
    rpm: plan.speed.rungRpm,
    approachDeg: face ? face(job.tool) : 90,
    position: face ? 'centred' : 'side',
  });
  const edgeOf = (job: Job<T>, plan: CutPlan) => forceEdge(job.tool, plan.metal, plan.edge);
  return {
    cutting: 'milling',
    speedColumn: 'milling',
    turns: 'cutter',
    asks: {},
    ways: [],
    supported: false,
    fullWidth: null,
    edgeHeight: null,
    depthIsChosen: true,
    easesDepth: true,
    depthOnRadius: false,
    diameterChange: null,
    measured: 'outside',
    stopsAtMiddle: false,
    breaksChip: false,
    stepUpsDownTo: null,
    rimDiameterMm: ({ tool }: Job<T>) => tool.diameterMm,
    feeding: () => 'along',
    depthDial: kneeDial,
    startFeed: (job: Job<T>, { metal, edge, factors, depthMm, widthMm }: FeedContext): FeedStart => {
      const { tool, machine } = job;
      const base = feedPerTooth(metal, edge, use, tool.diameterMm, edgeWidthMm(job));
      const cap = machine.feeds.length > 0 ? POWER_FEED_CAP : HAND_FEED_CAP;
      const { aeMm } = engagement(job, depthMm, widthMm);
      const { compensation } = radialThinning(tool.diameterMm, aeMm, base, cap);
      return toothFeed(tool.teeth, base, compensation, cap, factors.feedFactor, edge);
    },
    depthFactors: (job: Job<T>, depthMm: number, widthMm: number | null) => {
      const { diameterMm } = job.tool;
      const { aeMm } = engagement(job, depthMm, widthMm);
      if (depthMm > DEEP_SHARE * diameterMm) return ['deep-cut'];
      return aeMm < LIGHT_MM && aeMm < LIGHT_SHARE * diameterMm ? ['light-finishing'] : [];
    },
    spindleLoad: (job: Job<T>, plan: CutPlan) => {
      const force = millingPower(forceConstants(plan.metal), edgeOf(job, plan), cutOf(job, plan));
      return {
        force,
        powerKw: force.powerKw,
        torqueNm: (force.powerKw * 30_000) / (Math.PI * plan.speed.rungRpm),
      };
    },
    edgeLoad: (job: Job<T>, plan: CutPlan) => {
      const { peakN } = millingForce(forceConstants(plan.metal), edgeOf(job, plan), cutOf(job, plan));
      return { cuttingN: peakN, pushN: PUSH_SHARE * peakN };
    },
    chipThicknessMm: (job: Job<T>, plan: CutPlan) => {
      const { tool } = job;
      const { aeMm } = engagement(job, plan.depth.mm, plan.depth.widthInUseMm);
      return (
        ((plan.feed.mmRev / tool.teeth) * 2 * (aeMm / tool.diameterMm))
        / Math.acos(1 - (2 * aeMm) / tool.diameterMm)
      );
    },
    toothChipMm: (job: Job<T>, fzMm: number, depthMm: number, widthMm: number | null) =>
      toothChip(job.tool.diameterMm, engagement(job, depthMm, widthMm).aeMm, fzMm).maxChipMm,
    passLengthMm: milledPassMm,
  } satisfies Partial<Operation<T>>;
};

/** A tooth pushes away from the work with a little more than it cuts. */
const PUSH_SHARE = 1.1;

/** The feed of a cutter from the chip load of one tooth. */
export function toothFeed(
  teeth: number,
  baseMm: number,
  compensation: number,
  cap: number,
  feedFactor: number,
  edge: FeedContext['edge'],
): FeedStart {
  const fzMm = baseMm * compensation * feedFactor;
  const perTurn = teeth * compensation;
  const thinnestMm = (edge.minChipRatio * edge.edgeRadiusUm) / 1000;
  return {
    wantedMmRev: fzMm * teeth,
    baseMm,
    factor: feedFactor,
    lowMmRev: 2 * thinnestMm * perTurn,
    highMmRev: baseMm * HIGH_SHARE * perTurn,
    turning: null,
    tooth: { teeth, compensation, cap, fzMm },
  };
}

import { forceConstants, type ForceOperation } from '../../mechanics/specific-force';
import { turningFeedLimits, turningFeedStart } from '../../mechanics/turning-feed';
import { turningForce } from '../../mechanics/turning-force';
import { DEG } from '../../quantity/angle';
import type { BoringBar, TurningTool } from '../../tool/tool';
import type { ToolMaterial } from '../../tool/tool-material';
import type { CutPlan, FeedStart } from '../cut-plan';
import { forceEdge } from '../edge';
import type { Job } from '../job';
import type { FeedContext, Operation } from '../operation';

/** A tool with one nose, that turns, faces, bores or shapes. */
type Nosed = TurningTool | BoringBar;

/** Depth from which the chart's middle no longer holds, with a tolerance for rounded sizes, mm. */
export const DEEP_MM = 4 * 1.001;
/** A finishing cut is under this depth, mm, and under a share of the diameter: thin work is roughed with as little. */
const LIGHT_MM = 0.5;
const LIGHT_SHARE = 0.04;

/** The window of feeds for the nose of a tool at a depth. */
export const noseLimits = ({ tool, machine }: Job<Nosed>, edge: ToolMaterial, depthMm: number) =>
  turningFeedLimits({
    noseRadiusMm: tool.noseRadiusMm,
    depthMm,
    approachDeg: tool.approachDeg,
    cornerDeg: tool.cornerDeg,
    condition: machine.condition,
    edgeRadiusUm: edge.edgeRadiusUm,
    minChipRatio: edge.minChipRatio,
  });

/** Feed from the nose of the tool and the condition of the machine; a bar that gives way takes a share of it. */
const noseFeed =
  (share: number) =>
  (job: Job<Nosed>, { edge, factors, depthMm }: FeedContext): FeedStart => {
    const limits = noseLimits(job, edge, depthMm);
    const { baseMmRev, feed } = turningFeedStart(limits, {
      condition: job.machine.condition,
      finishMmRev: null,
      feedFactor: factors.feedFactor,
      share,
    });
    return {
      wantedMmRev: feed.start,
      baseMm: baseMmRev,
      factor: factors.feedFactor,
      lowMmRev: limits.feedLowerMmRev,
      highMmRev: limits.feedUpperMmRev,
      turning: limits,
      tooth: null,
    };
  };

const forceOf = (kind: ForceOperation, { tool }: Job<Nosed>, plan: CutPlan) =>
  turningForce(forceConstants(plan.metal), forceEdge(tool, plan.metal, plan.edge), kind, {
    depthMm: plan.depth.mm,
    feedMmRev: plan.feed.mmRev,
    approachDeg: tool.approachDeg,
    noseRadiusMm: tool.noseRadiusMm,
    diameterMm: plan.diameterMm,
    speedMPerMin: plan.speed.actualMPerMin,
  });

/**
 * What all operations with a single nosed point share: feed from the nose, force of
 * turning, a chip that may be broken, a depth that is chosen and eased to the power.
 *
 * @param kind        row of the force factors
 * @param feedShare   of the feed of turning outside
 * @param lightShare  of the diameter: a depth under it is a finishing cut
 */
export const singlePoint = (kind: ForceOperation, feedShare = 1, lightShare = LIGHT_SHARE) =>
  ({
    cutting: 'turning',
    speedColumn: 'turning',
    asks: {},
    measured: 'outside',
    ways: [],
    fullWidth: null,
    depthIsChosen: true,
    easesDepth: true,
    widthIsChosen: false,
    stopsAtMiddle: true,
    surface: 'nose',
    breaksChip: true,
    startFeed: noseFeed(feedShare),
    depthFactors: ({ workDiameterMm }: Job<Nosed>, depthMm: number) => {
      if (depthMm > DEEP_MM) return ['deep-cut'];
      return depthMm < LIGHT_MM && depthMm < lightShare * workDiameterMm ? ['light-finishing'] : [];
    },
    spindleLoad: (job: Job<Nosed>, plan: CutPlan) => {
      const force = forceOf(kind, job, plan);
      return { force, powerKw: force.powerKw, torqueNm: force.torqueNm };
    },
    edgeLoad: (job: Job<Nosed>, plan: CutPlan) => {
      const { fcN, fpN } = forceOf(kind, job, plan);
      return { cuttingN: fcN, pushN: fpN };
    },
    chipThicknessMm: ({ tool }: Job<Nosed>, plan: CutPlan) =>
      plan.feed.mmRev * Math.sin(tool.approachDeg * DEG),
    toothChipMm: () => null,
    cuttingLengthMm: () => null,
  }) satisfies Partial<Operation<TurningTool>>;

import { forceConstants, type ForceOperation } from '../../mechanics/specific-force';
import { turningFeedLimits, turningFeedStart } from '../../mechanics/turning-feed';
import { turningForce } from '../../mechanics/turning-force';
import { DEG } from '../../quantity/angle';
import type { BoringBar, TurningTool } from '../../tool/tool';
import type { CutPlan, FeedStart } from '../cut-plan';
import { forceEdge } from '../edge';
import type { Job } from '../job';
import type { FeedContext, Operation } from '../operation';

/** A tool with one nose, that turns, faces, bores or shapes. */
type Nosed = TurningTool | BoringBar;

/** Depths from which and under which the chart's middle no longer holds, mm. */
const DEEP_MM = 4;
const LIGHT_MM = 0.5;

/** Feed from the nose of the tool and the condition of the machine; a bar that gives way takes a share of it. */
const noseFeed =
  (share: number) =>
  ({ tool, machine }: Job<Nosed>, { edge, factors, depthMm }: FeedContext): FeedStart => {
    const limits = turningFeedLimits({
      noseRadiusMm: tool.noseRadiusMm,
      depthMm,
      approachDeg: tool.approachDeg,
      cornerDeg: tool.cornerDeg,
      condition: machine.condition,
      edgeRadiusUm: edge.edgeRadiusUm,
      minChipRatio: edge.minChipRatio,
    });
    const { baseMmRev, feed } = turningFeedStart(limits, {
      condition: machine.condition,
      finishMmRev: null,
      feedFactor: factors.feedFactor,
      share,
    });
    return {
      wantedMmRev: feed.start,
      baseMm: baseMmRev,
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
 * @param kind       row of the force factors
 * @param feedShare  of the feed of turning outside
 */
export const singlePoint = (kind: ForceOperation, feedShare = 1) =>
  ({
    cutting: 'turning',
    speedColumn: 'turning',
    asks: {},
    ways: [],
    fullWidth: null,
    depthIsChosen: true,
    easesToPower: true,
    widthIsChosen: false,
    stopsAtMiddle: true,
    surface: 'nose',
    breaksChip: true,
    startFeed: noseFeed(feedShare),
    depthFactors: (_job: Job<Nosed>, depthMm: number) =>
      depthMm > DEEP_MM ? ['deep-cut'] : depthMm < LIGHT_MM ? ['light-finishing'] : [],
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

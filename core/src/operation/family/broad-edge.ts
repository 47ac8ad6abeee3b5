import { forceConstants, type ForceOperation } from '../../mechanics/specific-force';
import { turningForce } from '../../mechanics/turning-force';
import type { FormTool, PartingBlade, TurningTool } from '../../tool/tool';
import { chartedFeed } from '../charted-feed';
import type { CutPlan, FeedStart } from '../cut-plan';
import { forceEdge } from '../edge';
import type { Job } from '../job';
import type { LighterTool } from '../lighter-tool';
import type { FeedContext, Operation } from '../operation';

type Broad = PartingBlade | FormTool | TurningTool;

/** Least, start and most for a blade, mm/rev: finer rubs, coarser breaks it. */
const BLADE_FEED = { hss: [0.02, 0.04, 0.08], carbide: [0.04, 0.07, 0.12] } as const;
/** A form chatters: finer than a blade, and at half of it when it is broad. */
const FORM_FEED = [0.01, 0.02, 0.04] as const;
/** From this width on a form is broad, mm. */
export const BROAD_MM = 10;

/** A blade that the machine would drive: force goes with its width. */
export const lighterBlade =
  (widthMm: (job: Job<PartingBlade>) => number) =>
  (job: Job<PartingBlade>, _plan: CutPlan, times: number): LighterTool => ({
    what: 'blade',
    mm: widthMm(job) * times,
    pilotMm: null,
  });

/** Feed of a parting or grooving blade. */
export const bladeFeed = (_job: Job<Broad>, { edge, factors }: FeedContext): FeedStart =>
  chartedFeed('blade', BLADE_FEED[edge.family], factors.feedFactor);

/** Feed of an edge as wide as a form or a chamfer. */
export const formFeed =
  <T extends Broad>(widthMm: (job: Job<T>) => number) =>
  (job: Job<T>, { factors }: FeedContext): FeedStart => {
    const share = widthMm(job) > BROAD_MM ? 0.5 : 1;
    const [low, base, high] = FORM_FEED;
    return chartedFeed('form', [share * low, share * base, share * high], factors.feedFactor);
  };

/**
 * What all share that go straight in with a broad edge: part, groove, form, chamfer.
 *
 * @param kind     row of the force factors
 * @param widthMm  of the edge in the cut
 */
export const broadEdge = <T extends Broad>(kind: ForceOperation, widthMm: (job: Job<T>) => number) => {
  const forceOf = (job: Job<T>, plan: CutPlan) =>
    turningForce(forceConstants(plan.metal), forceEdge(job.tool, plan.metal, plan.edge), kind, {
      depthMm: widthMm({ ...job, depthMm: plan.depth.mm }),
      feedMmRev: plan.feed.mmRev,
      // A blade cuts with its whole width, square: neither angle nor nose come into its force.
      approachDeg: 90,
      noseRadiusMm: 0,
      diameterMm: plan.diameterMm,
      speedMPerMin: plan.speed.actualMPerMin,
    });
  return {
    cutting: 'blade',
    speedColumn: 'parting',
    turns: 'work',
    asks: {},
    ways: [],
    supported: false,
    fullWidth: null,
    edgeHeight: 'outside',
    measured: 'outside',
    depthIsChosen: false,
    easesDepth: false,
    widthIsChosen: false,
    stopsAtMiddle: false,
    surface: null,
    breaksChip: false,
    rimDiameterMm: (job: Job<T>) => job.workDiameterMm,
    feeding: () => 'across',
    depthFactors: () => [],
    spindleLoad: (job: Job<T>, plan: CutPlan) => {
      const force = forceOf(job, plan);
      return { force, powerKw: force.powerKw, torqueNm: force.torqueNm };
    },
    edgeLoad: (job: Job<T>, plan: CutPlan) => {
      const { fcN, ffN } = forceOf(job, plan);
      return { cuttingN: fcN, pushN: ffN };
    },
    chipThicknessMm: (_job: Job<T>, plan: CutPlan) => plan.feed.mmRev,
    toothChipMm: () => null,
    cuttingLengthMm: () => null,
    passLengthMm: (_job: Job<T>, plan: CutPlan) => plan.depth.mm,
  } satisfies Partial<Operation<T>>;
};

import { drillFeed } from '../../mechanics/drill-feed';
import { drillingForce, type DrillingCut } from '../../mechanics/drilling-force';
import { forceConstants } from '../../mechanics/specific-force';
import type { CentreDrill, Drill, EndMill, Reamer } from '../../tool/tool';
import type { CutPlan, FeedChart, FeedStart } from '../cut-plan';
import { forceEdge } from '../edge';
import type { Job } from '../job';
import type { FeedContext, Operation } from '../operation';

type Axial = Drill | CentreDrill | Reamer | EndMill;

/** Included angle of a common twist drill's point, degrees. */
export const POINT_DEG = 118;
/** Larger HSS drills are ground with a thinned web as a rule, smaller ones are not, mm. */
const THINNED_FROM_MM = 13;

/** A web as it is usually ground on a drill of this size. */
export const pointOf = (diameterMm: number): DrillingCut['point'] =>
  diameterMm > THINNED_FROM_MM ? 'thinned' : 'plain';

/** Feed of a drill of this size as a multiple, between a least and a most. */
export const drillingFeed =
  (
    chart: FeedChart,
    times: number,
    least: (feed: ReturnType<typeof drillFeed>) => number,
    most: typeof least,
  ) =>
  ({ tool }: Job<Axial>, { metal, factors }: FeedContext): FeedStart => {
    const feed = drillFeed(metal, tool.diameterMm);
    const base = feed.feedMmRev * times;
    return {
      wantedMmRev: base * factors.feedFactor,
      baseMm: base,
      lowMmRev: least(feed),
      highMmRev: most(feed),
      turning: null,
      tooth: null,
      chart,
    };
  };

/** The part of a cut along the axis that its own tool decides. */
type Point = Pick<DrillingCut, 'diameterMm' | 'pilotMm' | 'pointAngleDeg' | 'point'>;

/** What all share that go in along their axis: the load of a drill with its own point. */
export const axialLoad = <T extends Axial>(pointFor: (job: Job<T>, plan: CutPlan) => Point) => {
  const forceOf = (job: Job<T>, plan: CutPlan) =>
    drillingForce(forceConstants(plan.metal), forceEdge(job.tool, plan.metal, plan.edge), {
      ...pointFor(job, plan),
      feedMmRev: plan.feed.mmRev,
      rpm: plan.speed.rungRpm,
    });
  return {
    spindleLoad: (job: Job<T>, plan: CutPlan) => {
      const force = forceOf(job, plan);
      return { force, powerKw: force.powerKw, torqueNm: force.torqueNm };
    },
    edgeLoad: (job: Job<T>, plan: CutPlan) => {
      const { torqueNm, thrustN } = forceOf(job, plan);
      return { cuttingN: (2000 * torqueNm) / plan.diameterMm, pushN: thrustN };
    },
  } satisfies Partial<Operation<T>>;
};

/** What drilling, centre-drilling and reaming share. */
export const drilled = {
  turns: 'cutter',
  asks: {},
  ways: [],
  standsOut: null,
  supported: false,
  fullWidth: null,
  edgeHeight: null,
  depthIsChosen: false,
  easesToPower: false,
  depthOnRadius: false,
  diameterChange: null,
  widthIsChosen: false,
  stopsAtMiddle: false,
  surface: null,
  breaksChip: false,
  stepUpsDownTo: null,
  leadsTo: [],
  feeding: () => 'tailstock',
  depthDial: () => null,
  depthFactors: () => [],
  toothChipMm: () => null,
  cuttingLengthMm: () => null,
  findings: () => [],
} satisfies Partial<Operation<Drill>>;

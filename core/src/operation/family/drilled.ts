import { drillFeed } from '../../mechanics/drill-feed';
import { drillingForce, type DrillingCut } from '../../mechanics/drilling-force';
import type { FactorName } from '../../mechanics/factor-chain';
import { forceConstants } from '../../mechanics/specific-force';
import type { CentreDrill, Drill, EndMill, Reamer } from '../../tool/tool';
import { chartedFeed } from '../charted-feed';
import type { CutPlan, FeedChart, FeedStart } from '../cut-plan';
import { forceEdge } from '../edge';
import type { Job } from '../job';
import { holeInWork } from '../misfit';
import type { LighterTool } from '../lighter-tool';
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
    return chartedFeed(chart, [least(feed), feed.feedMmRev * times, most(feed)], factors.feedFactor);
  };

/** The part of a cut along the axis that its own tool decides. */
type Point = Pick<DrillingCut, 'diameterMm' | 'pilotMm' | 'pointAngleDeg' | 'point'>;

/**
 * The largest drill that the machine would drive at this feed, and the hole to drill
 * before this one: torque goes with D² - d², d the hole that is there.
 *
 * @param times  torque that can be had over what this drill takes, under 1
 */
export const lighterDrill = ({ tool }: Job<Axial>, _plan: CutPlan, times: number): LighterTool => ({
  what: 'drill',
  mm: tool.diameterMm * Math.sqrt(times),
  pilotMm: tool.diameterMm * Math.sqrt(1 - times),
});

/** What all share that go in along their axis: the load of a drill with its own point. */
export const axialLoad = <T extends Axial>(pointFor: (job: Job<T>, plan: CutPlan) => Point) => {
  const forceOf = (job: Job<T>, plan: CutPlan) => {
    const { diameterMm, pilotMm, pointAngleDeg, point } = pointFor(job, plan);
    return drillingForce(forceConstants(plan.metal), forceEdge(job.tool, plan.metal, plan.edge), {
      diameterMm,
      pilotMm,
      pointAngleDeg,
      point,
      feedMmRev: plan.feed.mmRev,
      rpm: plan.speed.rungRpm,
    });
  };
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

/** Factor of a drill press whose handle the hand pulls: the drill gives way by feel. */
export const handFed = ({ machine }: Job<Axial>): readonly FactorName[] =>
  machine.kind === 'drill-press' && machine.feeds.length === 0 ? ['hand-fed-drill'] : [];

/** Work that turns in a lathe is larger than the hole made in it. */
const misfitsInLathe = ({ machine, tool, workDiameterMm }: Job<Axial>) =>
  machine.kind === 'lathe' ? holeInWork(tool.diameterMm, workDiameterMm) : [];

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
  easesDepth: false,
  depthOnRadius: false,
  diameterChange: null,
  measured: 'inside',
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
  misfits: misfitsInLathe,
  toolMakesMm: ({ tool }: Pick<Job<Axial>, 'tool'>) => tool.diameterMm,
  findings: () => [],
} satisfies Partial<Operation<Drill>>;

import type { Dial } from '../../machine/dial';
import type { Machine } from '../../machine/machine';
import type { BoringBar } from '../../tool/tool';
import { easedDepth, noseDepthMm } from '../depth-start';
import type { Job } from '../job';
import { pastCentre, type Misfit } from '../misfit';
import type { DepthContext, Operation } from '../operation';
import { singlePoint } from './single-point';

/** Our boring start on the radius, and the share of a small bore. */
const BORING_MM = 0.75;
const SHARE_OF_BORE = 0.03;
/** A bar gives way more than a tool post: fed at this share of turning. */
const BAR_SHARE = 0.6;

/** A roughing cut in a small bore takes 3 % of it: a finishing cut is under a third of that. */
const LIGHT_SHARE = SHARE_OF_BORE / 3;
/** Share of the area of a bore that the bar may fill: the chips must get out beside it. */
const FILLS_MOST = 0.8;

/** A bar is as thick as it says, else as half the bore, mm. */
export const barDiameterMm = ({
  tool,
  workDiameterMm,
}: Pick<Job<BoringBar>, 'tool' | 'workDiameterMm'>): number => tool.barMm ?? workDiameterMm / 2;

/** The bar goes into the hole as it is before the cut, and leaves room for the chips. */
function misfits(job: Job<BoringBar>): Misfit[] {
  const { depthMm, workDiameterMm } = job;
  const beyond = pastCentre(depthMm, workDiameterMm);
  if (beyond.length > 0) return beyond;
  const barMm = barDiameterMm(job);
  const boreMm = workDiameterMm - 2 * (depthMm ?? 0);
  const mostMm = boreMm * Math.sqrt(FILLS_MOST);
  if (barMm <= mostMm) return [];
  // A bar that would go into the finished bore is kept out by the depth that was typed.
  const field = barMm <= workDiameterMm * Math.sqrt(FILLS_MOST) ? 'depthMm' : 'workDiameterMm';
  return [{ code: 'bar-in-bore', field, barMm, boreMm, mostMm }];
}

/** What both ways of boring share: with the lathe's cross slide, with a boring head on the mill. */
export const bored = (depthDial: (machine: Machine) => Dial | null) =>
  ({
    ...singlePoint('bore', BAR_SHARE, LIGHT_SHARE),
    tool: 'boring-bar',
    turns: 'work',
    standsOut: 'bar',
    supported: false,
    edgeHeight: 'bore',
    depthOnRadius: true,
    diameterChange: 'larger',
    measured: 'inside',
    stepUpsDownTo: null,
    rimDiameterMm: (job) => job.workDiameterMm,
    depthDial,
    startDepth: (job: Job<BoringBar>, { edge, depthFactor }: DepthContext) =>
      easedDepth(
        Math.min(BORING_MM, job.workDiameterMm * SHARE_OF_BORE),
        depthFactor,
        depthDial(job.machine),
        { noseMm: noseDepthMm(job.tool.noseRadiusMm, edge) },
      ),
    passLengthMm: (job) => job.stickOutMm,
    misfits,
    findings: () => [],
  }) satisfies Partial<Operation<BoringBar>>;

import type { Dial } from '../../machine/dial';
import type { Machine } from '../../machine/machine';
import type { BoringBar } from '../../tool/tool';
import { easedDepth, noseDepthMm } from '../depth-start';
import type { Job } from '../job';
import type { DepthContext, Operation } from '../operation';
import { singlePoint } from './single-point';

/** Our boring start on the radius, and the share of a small bore. */
const BORING_MM = 0.75;
const SHARE_OF_BORE = 0.03;
/** A bar gives way more than a tool post: fed at this share of turning. */
const BAR_SHARE = 0.6;

/** A bar is as thick as it says, else as half the bore, mm. */
export const barDiameterMm = ({
  tool,
  workDiameterMm,
}: Pick<Job<BoringBar>, 'tool' | 'workDiameterMm'>): number => tool.barMm ?? workDiameterMm / 2;

/** What both ways of boring share: with the lathe's cross slide, with a boring head on the mill. */
export const bored = (depthDial: (machine: Machine) => Dial | null) =>
  ({
    ...singlePoint('bore', BAR_SHARE),
    tool: 'boring-bar',
    turns: 'work',
    standsOut: 'bar',
    supported: false,
    edgeHeight: 'bore',
    depthOnRadius: true,
    diameterChange: 'larger',
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
    findings: () => [],
  }) satisfies Partial<Operation<BoringBar>>;

import type { Machine } from '../../machine/machine';
import type { TurningTool } from '../../tool/tool';
import { easedDepth, noseDepthMm, underSkinMm } from '../depth-start';
import type { Job } from '../job';
import { pastCentre } from '../misfit';
import type { DepthContext, Operation } from '../operation';
import { singlePoint } from './single-point';

/** Our roughing start: this depth on the radius, a tenth of the diameter on thin work. */
const ROUGH_MM = 1.5;
const ROUGH_SHARE_OF_DIAMETER = 0.1;

/** The cross slide of a lathe, which sets a depth on the radius. */
export const crossSlide = (machine: Machine) => (machine.kind === 'lathe' ? machine.crossSlide : null);

/** Roughing depth outside: under the skin, and with enough of a carbide nose in the cut. */
export const roughingDepth =
  (dialOf: (machine: Machine) => ReturnType<typeof crossSlide>) =>
  (job: Job<TurningTool>, { edge, depthFactor }: DepthContext) =>
    easedDepth(
      Math.min(ROUGH_MM, job.workDiameterMm * ROUGH_SHARE_OF_DIAMETER),
      depthFactor,
      dialOf(job.machine),
      { skinMm: underSkinMm(job), noseMm: noseDepthMm(job.tool.noseRadiusMm, edge) },
    );

/** What all share that turn the outside of a bar along its length: turn, shoulder, taper. */
export const turnedOutside = {
  ...singlePoint('turn-outside'),
  tool: 'turning-tool',
  turns: 'work',
  standsOut: 'work',
  supported: true,
  edgeHeight: 'outside',
  depthOnRadius: true,
  diameterChange: 'smaller',
  stepUpsDownTo: 0.3,
  leadsTo: ['to-size'],
  rimDiameterMm: (job) => job.workDiameterMm,
  feeding: () => 'along',
  depthDial: crossSlide,
  startDepth: roughingDepth(crossSlide),
  misfits: ({ depthMm, workDiameterMm }) => pastCentre(depthMm, workDiameterMm),
} satisfies Partial<Operation<TurningTool>>;

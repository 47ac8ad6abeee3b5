import type { Machine } from '../../machine/machine';
import type { TurningTool } from '../../tool/tool';
import { easedDepth, underSkinMm } from '../depth-start';
import { milledPassMm } from '../family/milled';
import { singlePoint } from '../family/single-point';
import type { Operation } from '../operation';
import { strokeAsDiameter } from './stroke';

/** Our shaping start, and a face to begin with, mm. */
const START_MM = 1.5;
const FACE_MM = 50;

const toolSlide = (machine: Machine) => (machine.kind === 'shaper' ? machine.toolSlide : null);

/** A flat, stroke by stroke. */
export const shape: Operation<TurningTool> = {
  ...singlePoint('shape'),
  tool: 'turning-tool',
  turns: 'stroke',
  usualStickOutMm: 30,
  standsOut: null,
  supported: false,
  edgeHeight: null,
  depthOnRadius: false,
  diameterChange: null,
  stopsAtMiddle: false,
  // The blow at each stroke breaks it, or does not: no feed is told that would.
  breaksChip: false,
  stepUpsDownTo: null,
  leadsTo: ['to-size'],
  caution: null,
  rimDiameterMm: ({ machine, workDiameterMm }) => strokeAsDiameter(machine, workDiameterMm),
  feeding: () => 'along',
  depthDial: toolSlide,
  startDepth: (job, { depthFactor }) =>
    easedDepth(START_MM, depthFactor, toolSlide(job.machine), { skinMm: underSkinMm(job) }, FACE_MM),
  chosenWidthMm: ({ widthMm }, startMm) => widthMm ?? startMm,
  passLengthMm: (_job, { depth }) => depth.widthInUseMm ?? milledPassMm(),
  findings: () => [],
};

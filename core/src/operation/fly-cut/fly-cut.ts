import type { FlyCutter } from '../../tool/tool';
import { toDialStep } from '../depth-step';
import { kneeDial, milled } from '../family/milled';
import { swathMm, withinCutterMm } from '../family/swath';
import { widerThanCutter } from '../misfit';
import type { Operation } from '../operation';

/** One tooth and a blow each turn: little depth, mm; and its width over the tip circle. */
const START_MM = 0.5;
const WIDTH_SHARE = 0.75;

/** A broad flat with one tooth. */
export const flyCut: Operation<FlyCutter> = {
  ...milled<FlyCutter>({ use: 'fly-cutter', face: ({ approachDeg }) => approachDeg }),
  tool: 'fly-cutter',
  usualStickOutMm: 40,
  standsOut: null,
  widthIsChosen: true,
  surface: 'face',
  measured: 'depth',
  leadsTo: ['to-size', 'flat-face'],
  stripShare: 0.75,
  caution: 'fly-swing',
  startDepth: ({ tool, machine }, { depthFactor }) => ({
    wantedMm: START_MM,
    factor: depthFactor,
    startMm: toDialStep(START_MM * depthFactor, kneeDial(machine)),
    reason: 'own',
    widthMm: swathMm(tool.diameterMm * WIDTH_SHARE),
  }),
  chosenWidthMm: withinCutterMm,
  misfits: ({ widthMm, tool }) => widerThanCutter(widthMm, tool.diameterMm),
  cuttingLengthMm: () => null,
  findings: ({ firstPassOnSkin, interrupted }) =>
    firstPassOnSkin || interrupted ? [{ code: 'fly-skin', level: 'caution' }] : [],
};

import type { FaceMill } from '../../tool/tool';
import { underSkinMm } from '../depth-start';
import { toDialStep } from '../depth-step';
import { kneeDial, milled } from '../family/milled';
import { swathMm, withinCutterMm } from '../family/swath';
import { widerThanCutter } from '../misfit';
import type { Operation } from '../operation';

/** Our start for a face mill, mm deep, and its width over the diameter. */
const START_MM = 1;
const WIDTH_SHARE = 0.7;

/** A flat with inserts. */
export const faceMill: Operation<FaceMill> = {
  ...milled<FaceMill>({ use: 'face-mill', face: ({ approachDeg }) => approachDeg }),
  tool: 'face-mill',
  usualStickOutMm: 40,
  standsOut: null,
  widthIsChosen: true,
  surface: 'face',
  measured: 'depth',
  leadsTo: ['to-size', 'flat-face'],
  stripShare: 0.7,
  caution: 'swing',
  startDepth: (job, { depthFactor }) => {
    const dial = kneeDial(job.machine);
    const skinMm = underSkinMm(job);
    return {
      wantedMm: START_MM,
      factor: depthFactor,
      startMm: Math.max(
        toDialStep(START_MM * depthFactor, dial),
        skinMm > 0 ? toDialStep(skinMm, dial, Math.ceil) : 0,
      ),
      reason: skinMm > START_MM * depthFactor ? 'under-the-skin' : 'own',
      widthMm: swathMm(job.tool.diameterMm * WIDTH_SHARE),
    };
  },
  chosenWidthMm: withinCutterMm,
  misfits: ({ widthMm, tool }) => widerThanCutter(widthMm, tool.diameterMm),
  cuttingLengthMm: ({ fluteLengthMm }) => fluteLengthMm,
  findings: () => [],
};

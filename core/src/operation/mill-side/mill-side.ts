import type { EndMill } from '../../tool/tool';
import { underSkinMm } from '../depth-start';
import { toDialStep, wholeSteps } from '../depth-step';
import { endMilled } from '../family/end-milled';
import { kneeDial, tableDial } from '../family/milled';
import { withinCutterMm } from '../family/swath';
import { widerThanCutter } from '../misfit';
import type { Operation } from '../operation';

/** Width of a side cut to start with, over the diameter. */
const WIDTH_SHARE = 1 / 8;

/** Along an edge, with the side of an end mill: one diameter deep at an eighth of it wide. */
export const millSide: Operation<EndMill> = {
  ...endMilled('end-mill-side'),
  widthIsChosen: true,
  leadsTo: ['to-size', 'flat-face'],
  stripShare: 0.6,
  skinByWidth: true,
  startDepth: (job, { depthFactor }) => {
    const { tool, machine } = job;
    const wantedMm = Math.min(tool.diameterMm, tool.fluteLengthMm);
    const skinMm = underSkinMm(job);
    const usualMm = toDialStep(tool.diameterMm * WIDTH_SHARE, tableDial(machine), wholeSteps);
    const under = skinMm > usualMm;
    return {
      wantedMm,
      factor: depthFactor,
      startMm: toDialStep(wantedMm * depthFactor, kneeDial(machine), wholeSteps),
      reason: 'own',
      widthMm: under ? Math.min(tool.diameterMm, toDialStep(skinMm, tableDial(machine), Math.ceil)) : usualMm,
    };
  },
  chosenWidthMm: withinCutterMm,
  misfits: ({ widthMm, tool }) => widerThanCutter(widthMm, tool.diameterMm),
};

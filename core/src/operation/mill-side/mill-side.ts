import type { EndMill } from '../../tool/tool';
import { toDialStep } from '../depth-step';
import { endMilled } from '../family/end-milled';
import { kneeDial, tableDial } from '../family/milled';
import { withinCutterMm } from '../family/swath';
import type { Operation } from '../operation';

/** Width of a side cut to start with, over the diameter. */
const WIDTH_SHARE = 1 / 8;

/** Along an edge, with the side of an end mill: one diameter deep at an eighth of it wide. */
export const millSide: Operation<EndMill> = {
  ...endMilled('end-mill-side'),
  widthIsChosen: true,
  leadsTo: ['to-size', 'flat-face'],
  stripShare: 0.6,
  startDepth: ({ tool, machine }, { depthFactor }) => {
    const wantedMm = Math.min(tool.diameterMm, tool.fluteLengthMm);
    return {
      wantedMm,
      startMm: toDialStep(wantedMm * depthFactor, kneeDial(machine)),
      reason: 'own',
      widthMm: toDialStep(tool.diameterMm * WIDTH_SHARE, tableDial(machine)),
    };
  },
  chosenWidthMm: withinCutterMm,
};

import type { DovetailCutter } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { toDialStep } from '../depth-step';
import { milled, tableDial } from '../family/milled';
import { withinCutterMm } from '../family/swath';
import type { Job } from '../job';
import { widerThanCutter } from '../misfit';
import type { Operation } from '../operation';

/** Width of one side cut over the diameter, and the depth that any head reaches. */
const WIDTH_SHARE = 1 / 10;
const DEEPEST_SHARE = 1 / 2;

/** Angle of the slant from the bottom: as typed, else that of the cutter, degrees. */
export const dovetailDeg = ({ angleDeg, tool }: Pick<Job<DovetailCutter>, 'angleDeg' | 'tool'>): number =>
  angleDeg ?? tool.angleDeg;

/** A slanted way, in light side cuts. */
export const dovetail: Operation<DovetailCutter> = {
  ...milled<DovetailCutter>({ use: 't-slot-or-dovetail' }),
  tool: 'dovetail-cutter',
  asks: { angleDeg: dovetailDeg },
  usualStickOutMm: 35,
  standsOut: 'cutter',
  easesDepth: false,
  widthIsChosen: true,
  surface: 'peripheral',
  measured: 'form',
  leadsTo: [],
  caution: 'climb',
  startDepth: ({ tool, machine }, { depthFactor }) =>
    setByTool(
      Math.min(tool.slantHeightMm, tool.diameterMm * DEEPEST_SHARE),
      toDialStep(tool.diameterMm * WIDTH_SHARE * depthFactor, tableDial(machine)),
    ),
  chosenWidthMm: withinCutterMm,
  misfits: ({ widthMm, tool }) => widerThanCutter(widthMm, tool.diameterMm),
  cuttingLengthMm: ({ slantHeightMm }) => slantHeightMm,
  findings: (job) => [{ code: 'dovetail-rough', level: 'note', angleDeg: dovetailDeg(job) }],
};

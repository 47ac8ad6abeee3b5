import { USUAL_WIDTH_MM, type FormCutter } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { disc, discMostMm } from '../family/disc';
import type { Job } from '../job';
import type { Operation } from '../operation';

/** Width of the form, mm. */
export const formCutterWidthMm = ({ tool }: Pick<Job<FormCutter>, 'tool'>): number =>
  tool.widthMm ?? USUAL_WIDTH_MM;

/** A profile, or the gap of a gear. */
export const formMill: Operation<FormCutter> = {
  ...disc<FormCutter>('form-or-gear', formCutterWidthMm),
  toolMakesMm: formCutterWidthMm,
  tool: 'form-cutter',
  caution: 'form-cutter',
  startDepth: (job) => setByTool(Math.min(job.tool.depthMm, discMostMm(job.tool)), formCutterWidthMm(job)),
  cuttingLengthMm: ({ depthMm }) => depthMm,
  findings: () => [],
};

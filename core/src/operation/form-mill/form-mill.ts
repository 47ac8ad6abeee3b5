import { USUAL_WIDTH_MM, type FormCutter } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { disc, DISC_MOST_SHARE } from '../family/disc';
import type { Job } from '../job';
import type { Operation } from '../operation';

/** Width of the form, mm. */
export const formCutterWidthMm = ({ tool }: Pick<Job<FormCutter>, 'tool'>): number =>
  tool.widthMm ?? USUAL_WIDTH_MM;

/** A profile, or the gap of a gear. */
export const formMill: Operation<FormCutter> = {
  ...disc<FormCutter>('form-or-gear', formCutterWidthMm),
  tool: 'form-cutter',
  caution: 'form-cutter',
  startDepth: (job) =>
    setByTool(Math.min(job.tool.depthMm, job.tool.diameterMm * DISC_MOST_SHARE), formCutterWidthMm(job)),
  cuttingLengthMm: ({ depthMm }) => depthMm,
  findings: () => [],
};

import { USUAL_WIDTH_MM, type FormTool } from '../../tool/tool';
import type { CutPlan } from '../cut-plan';
import { setByTool } from '../depth-start';
import { BROAD_MM, broadEdge, formFeed } from '../family/broad-edge';
import { crossSlide } from '../family/turned-outside';
import type { Finding } from '../finding';
import type { Job } from '../job';
import { pastCentre } from '../misfit';
import type { Operation } from '../operation';

/** Width of the form, mm. */
export const formWidthMm = ({ tool }: Pick<Job<FormTool>, 'tool'>): number => tool.widthMm ?? USUAL_WIDTH_MM;

function findings(job: Job<FormTool>, { depth }: CutPlan): Finding[] {
  const widthMm = formWidthMm(job);
  const broad: Finding[] = widthMm > BROAD_MM ? [{ code: 'form-broad', level: 'caution', widthMm }] : [];
  const smallestMm = job.workDiameterMm - 2 * depth.mm;
  return smallestMm < job.workDiameterMm / 2 ? [...broad, { code: 'form-small', level: 'note' }] : broad;
}

/** Straight in, with the whole form at once. */
export const form: Operation<FormTool> = {
  ...broadEdge<FormTool>('groove', formWidthMm),
  toolMakesMm: formWidthMm,
  tool: 'form-tool',
  usualStickOutMm: 25,
  standsOut: 'blade',
  depthOnRadius: true,
  diameterChange: 'smaller',
  measured: 'form',
  stepUpsDownTo: null,
  leadsTo: [],
  caution: 'forming',
  depthDial: crossSlide,
  startDepth: (job) => setByTool(Math.min(job.tool.depthMm, job.workDiameterMm / 2), formWidthMm(job)),
  startFeed: formFeed(formWidthMm),
  misfits: ({ depthMm, workDiameterMm }) => pastCentre(depthMm, workDiameterMm),
  findings,
};

import { USUAL_WIDTH_MM, type PartingBlade } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { bladeFeed, broadEdge, lighterBlade } from '../family/broad-edge';
import type { Job } from '../job';
import type { Operation } from '../operation';

/** Width of the blade, mm. */
export const bladeWidthMm = ({ tool }: Pick<Job<PartingBlade>, 'tool'>): number =>
  tool.widthMm ?? USUAL_WIDTH_MM;

/** Straight in to the centre: the piece is cut off. */
export const part: Operation<PartingBlade> = {
  ...broadEdge<PartingBlade>('part', bladeWidthMm),
  tool: 'parting-blade',
  usualStickOutMm: 10,
  standsOut: 'blade',
  depthOnRadius: false,
  diameterChange: null,
  measured: 'depth',
  stepUpsDownTo: null,
  leadsTo: [],
  caution: 'parting',
  depthDial: () => null,
  startDepth: (job) => setByTool(bladeWidthMm(job)),
  startFeed: bladeFeed,
  lighter: lighterBlade(bladeWidthMm),
  passLengthMm: (job) => job.workDiameterMm / 2,
  findings: () => [{ code: 'parting-centre', level: 'note' }],
};

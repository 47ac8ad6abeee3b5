import { toothChip } from '../../mechanics/chip-thinning';
import { USUAL_WIDTH_MM, type SlittingSaw } from '../../tool/tool';
import type { CutPlan } from '../cut-plan';
import { setByTool } from '../depth-start';
import { disc, discMostMm } from '../family/disc';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';
import { wholeIn } from '../../quantity/whole';

/** A saw cuts well with two to four teeth in the cut: more pack the gullets, fewer hammer. */
const TEETH_IN_CUT = { start: 3, fewest: 1.5, most: 5 } as const;

/** Thickness of the saw, mm. */
export const sawThicknessMm = ({ tool }: Pick<Job<SlittingSaw>, 'tool'>): number =>
  tool.thicknessMm ?? USUAL_WIDTH_MM;

/** As deep as puts three teeth in the cut, on whole millimetres, never past its collars, mm. */
function startMm(saw: SlittingSaw): number {
  const { diameterMm, teeth } = saw;
  const arc = (TEETH_IN_CUT.start * 2 * Math.PI) / Math.max(TEETH_IN_CUT.start * 2, teeth);
  const deep = Math.round((diameterMm / 2) * (1 - Math.cos(arc)));
  return Math.max(0.5, Math.min(deep, wholeIn(discMostMm(saw))));
}

function findings({ tool }: Job<SlittingSaw>, { depth }: CutPlan): Finding[] {
  const { engagementAngleDeg } = toothChip(tool.diameterMm, Math.min(depth.mm, tool.diameterMm), 1);
  const teethInCut = (tool.teeth * engagementAngleDeg) / 360;
  if (teethInCut > TEETH_IN_CUT.most)
    return [{ code: 'saw-fine', level: 'caution', teethInCut, depthMm: depth.mm }];
  return teethInCut < TEETH_IN_CUT.fewest ? [{ code: 'saw-coarse', level: 'caution', teethInCut }] : [];
}

/** A thin cut, or through. */
export const saw: Operation<SlittingSaw> = {
  ...disc<SlittingSaw>('slitting-saw', sawThicknessMm),
  measured: 'inside',
  toolMakesMm: sawThicknessMm,
  tool: 'slitting-saw',
  caution: 'saw',
  startDepth: (job) => setByTool(startMm(job.tool), sawThicknessMm(job)),
  cuttingLengthMm: () => null,
  findings,
};

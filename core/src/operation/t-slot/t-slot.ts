import { USUAL_WIDTH_MM, type TSlotCutter } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { milled } from '../family/milled';
import type { Operation } from '../operation';

/** Height of the head of a T-slot cutter, mm. */
const headHeightMm = ({ headHeightMm: said }: TSlotCutter): number => said ?? USUAL_WIDTH_MM;

/** Under a neck slot, with the whole head. */
export const tSlot: Operation<TSlotCutter> = {
  ...milled<TSlotCutter>({ use: 't-slot-or-dovetail' }),
  toolMakesMm: ({ tool }) => tool.diameterMm,
  tool: 't-slot-cutter',
  usualStickOutMm: 40,
  standsOut: 'cutter',
  fullWidth: 'undercut',
  easesDepth: false,
  widthIsChosen: false,
  surface: 'peripheral',
  measured: 'form',
  leadsTo: [],
  caution: 't-slot',
  startDepth: ({ tool }) => setByTool(headHeightMm(tool), tool.diameterMm),
  cuttingLengthMm: headHeightMm,
  findings: ({ fluid }) => [{ code: 't-slot-neck', level: 'note', dry: fluid === 'dry' }],
};

import type { EndMill } from '../../tool/tool';
import { slotted } from '../family/slotted';
import type { Operation } from '../operation';

/** A slot as wide as the cutter. */
export const millSlot: Operation<EndMill> = {
  ...slotted,
  leadsTo: ['to-size'],
  endMillCut: 'slot',
  toolMakesMm: ({ tool }) => tool.diameterMm,
};

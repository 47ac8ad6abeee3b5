import { OPERATIONS, type CutSetup } from '../operation/registry';

/** What the machine does in a minute in this operation. */
export const speedUnit = ({ operation }: Pick<CutSetup, 'operation'>): 'rpm' | 'strokes/min' =>
  OPERATIONS[operation].turns === 'stroke' ? 'strokes/min' : 'rpm';

/** What its feed is counted by. */
export const feedPer = ({ operation }: Pick<CutSetup, 'operation'>): 'rev' | 'stroke' =>
  OPERATIONS[operation].turns === 'stroke' ? 'stroke' : 'rev';

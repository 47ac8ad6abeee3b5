import { operationOf } from '../operation/registry';
import type { JudgedTool } from './judged-tool';

/** What one edge is fed, mm, and what that is said of: a turn of the work, a stroke, a tooth, or the chip where several edges or passes share the feed. */
export interface EdgeFeed {
  readonly mm: number;
  readonly of: 'rev' | 'stroke' | 'tooth' | 'chip';
}

/** What an edge of a planned tool bites off: a drill has two lips, a thread is cut in passes. */
export function edgeFeed({ setup, plan }: Pick<JudgedTool, 'setup' | 'plan'>): EdgeFeed {
  const { tooth, mmRev } = plan.feed;
  if (tooth) return { mm: tooth.fzMm, of: 'tooth' };
  const operation = operationOf(setup);
  const chipMm = operation.chipThicknessMm(setup, plan);
  // A single point is fed by the turn; its approach only lays the chip flatter.
  return 'approachDeg' in setup.tool || chipMm === mmRev
    ? { mm: mmRev, of: operation.turns === 'stroke' ? 'stroke' : 'rev' }
    : { mm: chipMm, of: 'chip' };
}

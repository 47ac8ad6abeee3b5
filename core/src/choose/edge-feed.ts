import type { Cutting } from '../operation/cutting';
import { operationOf } from '../operation/registry';
import type { JudgedTool } from './judged-tool';

/**
 * What one edge is fed, mm, and what that is said of: a turn of the work, a stroke, a tooth,
 * or the chip where several edges or passes share the feed.
 */
export interface EdgeFeed {
  readonly mm: number;
  readonly of: 'rev' | 'stroke' | 'tooth' | 'chip';
}

/** Cuts in which one edge takes the whole feed; its approach only lays the chip flatter. */
const ONE_EDGE: readonly Cutting[] = ['turning', 'blade'];

/** What an edge of a planned tool bites off: a drill has two lips, a thread is cut in passes. */
export function edgeFeed({ setup, plan }: Pick<JudgedTool, 'setup' | 'plan'>): EdgeFeed {
  const { tooth, mmRev } = plan.feed;
  if (tooth) return { mm: tooth.fzMm, of: 'tooth' };
  const operation = operationOf(setup);
  return ONE_EDGE.includes(operation.cutting)
    ? { mm: mmRev, of: operation.turns === 'stroke' ? 'stroke' : 'rev' }
    : { mm: operation.chipThicknessMm(setup, plan), of: 'chip' };
}

import type { HandFile } from '../../tool/tool';
import { chartedFeed } from '../charted-feed';
import { setByTool } from '../depth-start';
import { uncut } from '../family/uncut';
import type { Operation } from '../operation';

/** A file and cloth take off marks, not size, mm. */
const TAKES_MM = 0.01;
/** Strokes a minute, and how far each goes sideways, mm. */
export const STROKES_PER_MIN = 30;
const SIDEWAYS_MM = 5;

/** Marks off and edges broken, by hand, while the work turns. */
export const file: Operation<HandFile> = {
  ...uncut,
  tool: 'file',
  cutting: 'filing',
  speedColumn: 'turning',
  asks: {},
  usualStickOutMm: 80,
  caution: 'filing',
  feeding: () => 'strokes',
  depthDial: () => null,
  startDepth: () => setByTool(TAKES_MM),
  startFeed: (_job, { rpm }) => {
    const perTurn = (STROKES_PER_MIN * SIDEWAYS_MM) / rpm;
    return chartedFeed('file', [perTurn / 2, perTurn, perTurn * 2]);
  },
  findings: () => [],
};

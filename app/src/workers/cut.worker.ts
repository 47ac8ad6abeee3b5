import { compareCutters, sweep } from '@pike-stone/core/forecast';
import { expose } from 'comlink';

/** Many plans at once, away from the finger on the page. */
const work = { compareCutters, sweep };
export type CutWork = typeof work;

expose(work);

import { compareCutters, sweep } from '@pike-stone/core/forecast';
import { expose } from 'comlink';

/** Computations of many plans, run off the page's thread so that it stays responsive. */
const work = { compareCutters, sweep };
export type CutWork = typeof work;

expose(work);

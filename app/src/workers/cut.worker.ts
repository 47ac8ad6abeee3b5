import { compareCutters, sweep } from '@pike-stone/core/forecast';
import { readTrace } from '@pike-stone/core/compare';
import { chipMap, factorHistory } from '@pike-stone/core/learn';
import { expose } from 'comlink';

/** Computations of many plans, run off the page's thread so that it stays responsive. */
const work = { compareCutters, sweep, chipMap, readTrace, factorHistory };
export type CutWork = typeof work;

expose(work);

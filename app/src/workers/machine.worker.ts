import { beltMoves, changeGearSearch, combineMeasures, speedTable } from '@pike-stone/core/drive';
import { expose } from 'comlink';

/** Searches and fits of a machine's drive, run off the page's thread so that it stays responsive. */
const work = { beltMoves, changeGearSearch, combineMeasures, speedTable };
export type MachineWork = typeof work;

expose(work);

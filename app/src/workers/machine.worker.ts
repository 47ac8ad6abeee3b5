import { beltMoves, changeGearSearch, combineMeasures, speedTable } from '@pike-stone/core/drive';
import { expose } from 'comlink';

/** Searches and fits that would hold up a finger on the page. */
const work = { beltMoves, changeGearSearch, combineMeasures, speedTable };
export type MachineWork = typeof work;

expose(work);

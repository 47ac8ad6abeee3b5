import { variance } from '../quantity/mean';
import { plateaus, type CurrentTrace, type Plateaus } from './plateaus';

/** The last level is ragged when its readings scatter by more than so many times the noise. */
const RAGGED = 2;

/**
 * The levels of a trace that was stopped by hand: where the last level holds readings of two
 * (the cut had just ended), it is left out, because their mean is no level.
 *
 * @throws OutOfRange as `plateaus` does
 */
export function readTrace(trace: CurrentTrace): Plateaus {
  const found = plateaus(trace);
  const { from, to } = found.plateaus.at(-1)!;
  const sd = Math.sqrt(variance(trace.currentA.slice(from, to), false));
  const isRagged = found.plateaus.length > 2 && sd > RAGGED * found.noiseSdA;
  return isRagged ? plateaus({ ...trace, currentA: trace.currentA.slice(0, from) }) : found;
}

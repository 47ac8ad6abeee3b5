import { median } from '../quantity/median';
import { positive } from '../quantity/out-of-range';

/** A dress of a wheel, as its book has it. */
interface PastDress {
  /** ISO date and time. */
  readonly at: string;
  /** It was dressed because it cut badly, not because it was due. */
  readonly dull: boolean;
}

/** Something that was ground on a wheel. */
export interface GroundOn {
  readonly at: string;
  readonly volumeMm3: number;
}

/** Times that a wheel must have been dressed dull before its own book counts. */
const LEAST_DRESSES = 2;

/** Volume ground on a wheel after one time, up to and with another. */
const groundBetween = (ground: readonly GroundOn[], after: string, until: string): number =>
  ground.reduce((sum, { at, volumeMm3 }) => (at > after && at <= until ? sum + volumeMm3 : sum), 0);

/**
 * What a wheel of the shop removes for each mm of its width until it is dull, mm3/mm: the median over the
 * times between dresses that ended because it cut badly.
 *
 * @param dresses  in any order
 * @returns null while its book says too little
 */
export function ownCapacity(
  dresses: readonly PastDress[],
  ground: readonly GroundOn[],
  widthMm: number,
): number | null {
  const inTurn = [...dresses].sort((a, b) => a.at.localeCompare(b.at));
  const found = inTurn.slice(1).flatMap(({ at, dull }, i) => {
    const volume = dull ? groundBetween(ground, inTurn[i]!.at, at) : 0;
    return volume > 0 ? [volume / positive('wheel width', widthMm)] : [];
  });
  return found.length >= LEAST_DRESSES ? median(found) : null;
}

import { positive } from '../quantity/out-of-range';
import { STEPS_PER_UNIT, type GaugeUnit } from './gauge-set';
import { gaugeStackPair, type PairAnswer } from './gauge-stack';

/** Lower rolls are raised by one piece of at most this size, in whole steps of the unit: 25 mm, or 1 in. */
const HIGHEST_BASE: Readonly<Record<GaugeUnit, number>> = {
  mm: 25 * STEPS_PER_UNIT.mm,
  in: STEPS_PER_UNIT.in,
};
/** Pieces that are tried under the lower roll. */
const MOST_BASES = 24;
/** One piece under the lower roll and two under the other: fewer there hardly are. */
const FEW = 3;

/**
 * Two stacks that differ by a height, for an angle so flat that one stack alone would be thinner than any piece:
 * one piece under the lower roll, and under the other that piece and the height together. Of the pieces that may
 * stand under the lower roll the one with the fewest pieces in all.
 *
 * @param pieces      in whole steps of the unit
 * @param heightDiff  in the unit, more than 0
 * @returns `first` under the lower roll, `second` under the upper one
 * @example raisedRolls('mm', GAUGE_SETS['metric-47'].steps, 0.5, 0, 6) // first [1], second [1.5]
 */
export function raisedRolls(
  unit: GaugeUnit,
  pieces: readonly number[],
  heightDiff: number,
  tolerance: number,
  mostEach: number,
): PairAnswer {
  positive('height difference', heightDiff);
  const bases = [...pieces]
    .filter((piece) => piece <= HIGHEST_BASE[unit])
    .sort((a, b) => a - b)
    .slice(0, MOST_BASES);
  let best: PairAnswer = { feasible: false };
  for (const base of bases) {
    const low = base / STEPS_PER_UNIT[unit];
    const upper = Number((low + heightDiff).toFixed(6));
    const found = gaugeStackPair(unit, pieces, [low, upper], Math.min(tolerance, low), mostEach);
    if (!found.feasible || (best.feasible && best.totalCount <= found.totalCount)) continue;
    best = found;
    if (best.totalCount <= FEW) break;
  }
  return best;
}

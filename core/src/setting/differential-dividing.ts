import { fraction, type Fraction } from '../quantity/fraction';
import { atLeast, within } from '../quantity/out-of-range';
import { checkHead, circlesOf, compoundIndexing, simpleIndexing, type Plates } from './dividing';

/** Drivers over driven, one pair or two. */
export interface HeadTrain {
  readonly drivers: readonly number[];
  readonly driven: readonly number[];
}

export interface DifferentialDividing {
  /** N', the count that is indexed while the plate is turned by gears. */
  readonly trialDivisions: number;
  /** Plate turns for one turn of the spindle, i (N' - N) / N'. */
  readonly gearValue: Fraction;
  readonly gears: HeadTrain;
  readonly plateDirection: 'with-crank' | 'against-crank';
  readonly crankTurns: Fraction;
  readonly circle: number;
}

/** Two gears of a ratio, each used once. */
function pairFor(value: Fraction, gears: readonly number[]): HeadTrain | null {
  for (const [i, driver] of gears.entries())
    for (const [j, driven] of gears.entries())
      if (i !== j && driver * value.den === driven * value.num)
        return { drivers: [driver], driven: [driven] };
  return null;
}

/** Four gears of a ratio, each used once. */
function fourFor(value: Fraction, gears: readonly number[]): HeadTrain | null {
  const pairs = gears.flatMap((a, i) =>
    gears.slice(i + 1).map((b, j) => ({ at: [i, i + 1 + j], of: [a, b], product: a * b })),
  );
  for (const top of pairs)
    for (const low of pairs)
      if (top.product * value.den === low.product * value.num && low.at.every((i) => !top.at.includes(i)))
        return { drivers: top.of, driven: low.of };
  return null;
}

/**
 * Differential dividing: a trial count that the plates index exactly, the plate geared to the spindle with
 * V = i (N' - N) / N'. The nearest trial with two gears comes before any with four; of two equally near the
 * larger.
 *
 * @param trial        N', or null to search
 * @param maxDistance  of N' from N
 * @returns null when no trial can be geared
 * @example 127 on 40:1: N' 120, 1/3 turn, 56 / 24 against the crank
 */
export function differentialDividing(
  ratio: number,
  divisions: number,
  trial: number | null,
  plates: Plates,
  gears: readonly number[],
  maxDistance: number,
): DifferentialDividing | null {
  checkHead(ratio, divisions);
  within('distance of the trial count', maxDistance, 1, 1000);
  atLeast('gears', gears, 2);
  const circles = circlesOf(plates);
  const around = Array.from({ length: maxDistance }, (_, i) => [divisions + i + 1, divisions - i - 1]).flat();
  const trials = (trial === null ? around : [trial]).filter((one) => one >= 1 && one !== divisions);
  const reckoned = trials.flatMap((one) => {
    const crankTurns = fraction(ratio, one);
    const circle = circles.findLast((holes) => holes % crankTurns.den === 0);
    return circle === undefined
      ? []
      : [{ trialDivisions: one, gearValue: fraction(ratio * (one - divisions), one), crankTurns, circle }];
  });
  for (const trainFor of [pairFor, fourFor])
    for (const one of reckoned) {
      const train = trainFor({ ...one.gearValue, num: Math.abs(one.gearValue.num) }, gears);
      if (train !== null)
        return {
          ...one,
          gears: train,
          plateDirection: one.gearValue.num > 0 ? 'with-crank' : 'against-crank',
        };
    }
  return null;
}

/** How far a trial count is sought from the wanted one. */
const USUAL_DISTANCE = 15;

/** All ways of dividing on a head: simple, and where that is not exact compound and differential. */
export function dividingWays(ratio: number, divisions: number, plates: Plates, gears: readonly number[]) {
  const simple = simpleIndexing(ratio, divisions, plates);
  // A plate on the spindle has no crank to be geared.
  if (simple.exact || ratio === 1) return { simple, compound: null, differential: null };
  return {
    simple,
    compound: compoundIndexing(ratio, divisions, plates),
    differential: differentialDividing(ratio, divisions, null, plates, gears, USUAL_DISTANCE),
  };
}

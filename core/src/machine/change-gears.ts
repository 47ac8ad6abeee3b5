import { atLeast, positive } from '../quantity/out-of-range';

/** Gears on the banjo, drivers counted from the spindle; idlers only turn the sense and drop out. */
export interface ChangeGears {
  readonly drivers: readonly number[];
  readonly driven: readonly number[];
}

const product = (values: readonly number[]): number =>
  values.reduce((total, value) => total * positive('teeth', value), 1);

/**
 * Thread pitch, or feed per turn, of a change-gear train:
 * p = p_leadscrew x fixed ratio x product(drivers) / product(driven).
 *
 * @param leadscrewPitchMm  25.4 / tpi for an inch leadscrew
 * @param fixedRatio        everything that is not changed: tumbler, gearbox, feed-rod reduction
 * @example threadPitch(3.175, { drivers: [63, 40], driven: [80, 100] }) // 1.000125 mm
 */
export function threadPitch(
  leadscrewPitchMm: number,
  { drivers, driven }: ChangeGears,
  fixedRatio = 1,
): number {
  return (
    (positive('leadscrew pitch', leadscrewPitchMm) * positive('fixed ratio', fixedRatio) * product(drivers))
    / product(driven)
  );
}

/** How far a pitch is off what is wanted, parts per million; a tenth of it is the error over 100 mm in micrometres. */
export const pitchErrorPpm = (pitchMm: number, wantedMm: number): number =>
  1e6 * (pitchMm / positive('wanted pitch', wantedMm) - 1);

export interface GearChoice extends ChangeGears {
  readonly pitchMm: number;
  readonly errorPpm: number;
}

const SAME_PPM = 1e-6;

/** Better: smaller error, then fewer pairs, then fewer teeth in all. */
function better(a: GearChoice, b: GearChoice): boolean {
  const difference = Math.abs(a.errorPpm) - Math.abs(b.errorPpm);
  if (Math.abs(difference) > SAME_PPM) return difference < 0;
  if (a.drivers.length !== b.drivers.length) return a.drivers.length < b.drivers.length;
  const teeth = (gears: ChangeGears): number =>
    [...gears.drivers, ...gears.driven].reduce((sum, one) => sum + one, 0);
  return teeth(a) < teeth(b);
}

/** Teeth that the boss of a stud takes. */
const STUD_TEETH = 15;

/** A compound train a/b c/d fits the usual banjo when neither gear fouls the other's stud. */
export function fitsBanjo({ drivers, driven }: ChangeGears): boolean {
  const [a = 0, c = 0] = drivers;
  const [b = 0, d = 0] = driven;
  return drivers.length < 2 || (a + b > c + STUD_TEETH && c + d > b + STUD_TEETH);
}

/** The ways to put the same gears on the banjo: their order makes no pitch of its own, but not every one fits. */
const orders = ({ drivers, driven }: ChangeGears): readonly ChangeGears[] => {
  const turned = (teeth: readonly number[]) => [...teeth].reverse();
  return [
    { drivers, driven },
    { drivers: turned(drivers), driven },
    { drivers, driven: turned(driven) },
    { drivers: turned(drivers), driven: turned(driven) },
  ];
};

/**
 * The gears, of those owned, that come nearest to a pitch: every choice of one or
 * two pairs, each gear used once.
 *
 * @param gears       tooth counts owned, doubles counted as owned twice
 * @param mustFit     leave out compound trains that foul the usual banjo
 * @throws RangeError when fewer than two gears are owned
 */
export function changeGearSearch(
  leadscrewPitchMm: number,
  gears: readonly number[],
  wantedPitchMm: number,
  options: { maxPairs?: number; fixedRatio?: number; mustFit?: boolean } = {},
): GearChoice {
  const { maxPairs = 2, fixedRatio = 1, mustFit = false } = options;
  atLeast('gears', gears, 2);
  const choiceOf = (train: ChangeGears): GearChoice => {
    const pitchMm = threadPitch(leadscrewPitchMm, train, fixedRatio);
    return { ...train, pitchMm, errorPpm: pitchErrorPpm(pitchMm, wantedPitchMm) };
  };
  // A single pair fits every banjo.
  let best = choiceOf({ drivers: [gears[0]!], driven: [gears[1]!] });
  const consider = (train: ChangeGears): void => {
    const placed = mustFit ? orders(train).find(fitsBanjo) : train;
    if (!placed) return;
    const choice = choiceOf(placed);
    if (better(choice, best)) best = choice;
  };
  gears.forEach((a, i) =>
    gears.forEach((b, j) => {
      if (i === j) return;
      consider({ drivers: [a], driven: [b] });
      if (maxPairs < 2) return;
      gears.forEach((c, k) =>
        gears.forEach((d, l) => {
          // The order of the drivers, and of the driven, makes no pitch of its own.
          if (k <= i || l <= j || k === j || l === i || l === k) return;
          consider({ drivers: [a, c], driven: [b, d] });
        }),
      );
    }),
  );
  return best;
}

import type { Setting, Trial } from '@pike-stone/core/learn';

/** Height of the map, px. */
export const HEIGHT = 236;
/** The field reaches this many times beyond the trials, either way. */
const BEYOND = 1.7;

/** A scale of the map, from and to; evenly spaced on its logarithm. */
export interface Range {
  readonly low: number;
  readonly high: number;
}
export const around = (values: readonly number[]): Range => ({
  low: Math.min(...values) / BEYOND,
  high: Math.max(...values) * BEYOND,
});
/** Where a value stands on a scale: 0 at its beginning, 1 at its end. */
export const shareOf = (value: number, { low, high }: Range): number =>
  Math.log(value / low) / Math.log(high / low);

/** Least and most of the trials as they are written at a scale, once where they lie too near for two. */
export function endsOf({ low, high }: Range): number[] {
  const [least, most] = [low * BEYOND, high / BEYOND];
  return most / least > 1.05 ? [least, most] : [least];
}

/** Trials that were taken at one place of the map are one mark: "3–5". */
export interface Mark {
  readonly setting: Setting;
  readonly outcome: Trial['outcome'];
  readonly label: string;
}
export function marksOf(trials: readonly Trial[]): Mark[] {
  const found: { readonly setting: Setting; first: number; last: number; outcome: Trial['outcome'] }[] = [];
  for (const [i, { setting, outcome }] of trials.entries()) {
    const before = found.at(-1);
    const isSame =
      before && before.setting.feedMmRev === setting.feedMmRev && before.setting.depthMm === setting.depthMm;
    if (isSame) Object.assign(before, { last: i + 1, outcome });
    else found.push({ setting, first: i + 1, last: i + 1, outcome });
  }
  return found.map(({ setting, outcome, first, last }) => ({
    setting,
    outcome,
    label: first === last ? String(first) : `${first}–${last}`,
  }));
}

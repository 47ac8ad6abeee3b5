import { OutOfRange, positive } from '../quantity/out-of-range';

/** Colours of clean steel by the temperature from which each is seen, °C: give or take 15. */
export const TEMPER_COLOURS = [
  ['none', -Infinity],
  ['faint-straw', 205],
  ['pale-straw', 220],
  ['straw', 230],
  ['dark-straw', 245],
  ['brown-purple', 260],
  ['purple', 270],
  ['dark-blue', 285],
  ['blue', 300],
  ['light-blue', 315],
  ['grey', 335],
  ['first-red-in-the-dark', 525],
  ['dark-red', 600],
  ['cherry-red', 700],
  ['bright-red', 850],
] as const;
export type TemperColour = (typeof TEMPER_COLOURS)[number][0];

/** Colour that clean steel takes at a temperature; the lower end belongs to it. */
export const temperColour = (temperatureC: number): TemperColour =>
  TEMPER_COLOURS.findLast(([, from]) => temperatureC >= from)![0];

export type TemperSteel = 'carbon-steel' | 'hss';

/** Hardness after an hour at a temperature, HRC: shop-typical, straight between the points. */
const HARDNESS: Readonly<Record<TemperSteel, readonly (readonly [c: number, hrc: number])[]>> = {
  'carbon-steel': [
    [20, 65],
    [100, 64.5],
    [150, 63.5],
    [200, 61],
    [250, 58],
    [300, 55],
    [350, 52],
    [400, 48],
    [450, 44],
    [500, 40],
    [550, 35],
    [600, 30],
    [650, 25],
  ],
  hss: [
    [20, 65],
    [550, 65],
    [560, 64.5],
    [580, 63.5],
    [600, 62],
    [620, 59.5],
    [650, 55],
    [680, 49],
    [700, 45],
  ],
};

const KELVIN = 273.15;
/** Constant of the Hollomon-Jaffe parameter, typical of tool steels. */
const HOLLOMON_JAFFE = 20;

function hardnessAfterHour(steel: TemperSteel, temperatureC: number): number {
  const points = HARDNESS[steel];
  const last = points.at(-1)!;
  if (temperatureC > last[0]) throw new OutOfRange('temperature of the table', temperatureC, 20, last[0]);
  const above = points.findIndex(([c]) => c >= temperatureC);
  const [c1, hrc1] = points[above]!;
  const [c0, hrc0] = points[above - 1] ?? [c1 - 1, hrc1];
  return hrc0 + ((hrc1 - hrc0) * (temperatureC - c0)) / (c1 - c0);
}

/**
 * Hardness left after a heating: as an hour at T_eq = T (20 + log10 t) / 20, T in kelvin, t in hours
 * (Hollomon and Jaffe, 1945), never above what it was. A short heating counts for less.
 *
 * @throws OutOfRange beyond the table: treat the tip as lost
 * @example hardnessAfter('hss', 650, 64.5, 10).hrc // 64.5: as an hour at 532
 */
export function hardnessAfter(steel: TemperSteel, temperatureC: number, beforeHrc: number, seconds: number) {
  const hours = positive('time', seconds) / 3600;
  const equivalentC =
    ((temperatureC + KELVIN) * (HOLLOMON_JAFFE + Math.log10(hours))) / HOLLOMON_JAFFE - KELVIN;
  const hrc = Math.min(beforeHrc, hardnessAfterHour(steel, equivalentC));
  return { equivalentC, hrc, lostHrc: beforeHrc - hrc };
}

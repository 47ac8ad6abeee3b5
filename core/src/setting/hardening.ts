import { OutOfRange, atLeast, within } from '../quantity/out-of-range';

export type CutterSteel = 'carbon-1.0' | 'silver-steel' | 'oil-hardening';

/** Hardness after about an hour at a temperature, HRC, hardened through: typical, straight between the points. */
const HARDNESS: Readonly<Record<CutterSteel, readonly (readonly [c: number, hrc: number])[]>> = {
  'carbon-1.0': [
    [20, 65.5],
    [100, 65],
    [150, 63.5],
    [175, 62.5],
    [200, 61],
    [225, 59.5],
    [250, 58],
    [275, 56.5],
    [300, 54.5],
    [350, 51],
    [400, 47],
    [450, 42.5],
  ],
  'silver-steel': [
    [20, 65],
    [100, 64.5],
    [150, 63.5],
    [200, 61.5],
    [250, 58.5],
    [300, 55.5],
    [350, 52],
    [400, 48.5],
    [450, 44.5],
  ],
  'oil-hardening': [
    [20, 64],
    [100, 63.5],
    [150, 63],
    [175, 62],
    [200, 60.5],
    [225, 59.5],
    [250, 58],
    [275, 57],
    [300, 55.5],
    [350, 52.5],
    [400, 49],
    [450, 45],
  ],
};
export const CUTTER_STEELS = Object.keys(HARDNESS) as CutterSteel[];
/** Band of a hardness read from the table, HRC. */
const BAND_HRC = 1.5;

/** Colours on bright plain steel brought to the colour in a few minutes, by the temperature each begins at, °C. */
const COLOURS = [
  ['none', -Infinity],
  ['pale-straw', 195],
  ['straw', 215],
  ['dark-straw', 235],
  ['brown', 250],
  ['brown-purple', 262],
  ['purple', 274],
  ['dark-blue', 286],
  ['full-blue', 300],
  ['pale-blue', 320],
  ['grey', 345],
] as const;
export type TemperingColour = (typeof COLOURS)[number][0];

/** Colour of bright plain steel at a temperature. */
const temperingColour = (temperatureC: number): TemperingColour =>
  COLOURS.findLast(([, from]) => temperatureC >= from)![0];

/** Hardening heat, quench and its temperature, °C, by the way a steel hardens. */
export const HARDENING: Readonly<
  Record<
    CutterSteel,
    {
      readonly heatC: readonly [number, number];
      readonly quench: 'water' | 'warm-oil';
      readonly quenchC: readonly [number, number];
    }
  >
> = {
  'carbon-1.0': { heatC: [770, 800], quench: 'water', quenchC: [20, 30] },
  'silver-steel': { heatC: [770, 800], quench: 'water', quenchC: [20, 30] },
  'oil-hardening': { heatC: [790, 820], quench: 'warm-oil', quenchC: [40, 60] },
};
/** Growth in hardening as a share of the length, by quench. */
export const GROWTH: Readonly<Record<'water' | 'warm-oil', readonly [number, number]>> = {
  water: [0.001, 0.003],
  'warm-oil': [0.0005, 0.002],
};
/** Below this thickness a piece is soaked in a torch for 1 to 3 minutes, mm. */
const THIN_MM = 5;
/** Soak of a thin piece in a torch, and the minutes for each mm above thin. */
const THIN_SOAK_MIN: readonly [number, number] = [1, 3];
const SOAK_MIN_PER_MM = 1;

/** Minutes at heat in a torch for a thickness: 1 to 3 when thin, one more for each mm above 5. */
export function soakMinutes(thicknessMm: number): readonly [number, number] {
  const over = SOAK_MIN_PER_MM * Math.max(0, within('thickness', thicknessMm, 0.1, 200) - THIN_MM);
  return [THIN_SOAK_MIN[0] + over, THIN_SOAK_MIN[1] + over];
}

const fahrenheit = (c: number): number => (c * 9) / 5 + 32;

/**
 * Hardness of a cutter after tempering, with the band of the table and the colour it shows.
 * @param temperatureC  20 to 450
 * @example temperedCutter('carbon-1.0', 230).hrc // 59.2
 */
export function temperedCutter(steel: CutterSteel, temperatureC: number) {
  const points = HARDNESS[steel];
  within('tempering temperature', temperatureC, points[0]![0], points[points.length - 1]![0]);
  const i = Math.max(
    1,
    points.findIndex(([c]) => temperatureC <= c),
  );
  const [[from, hard], [to, soft]] = [points[i - 1]!, points[i]!];
  const hrc = hard + ((soft - hard) * (temperatureC - from)) / (to - from);
  return {
    hrc,
    lowHrc: hrc - BAND_HRC,
    highHrc: hrc + BAND_HRC,
    colour: temperingColour(temperatureC),
    temperatureF: fahrenheit(temperatureC),
  };
}

/** Tempering temperature for a hardness. @throws OutOfRange beyond the table */
export function temperFor(steel: CutterSteel, hrc: number) {
  const points = HARDNESS[steel];
  within('hardness', hrc, points[points.length - 1]![1], points[0]![1]);
  const i = points.findIndex(([, one]) => one <= hrc) || 1;
  const [[from, hard], [to, soft]] = [points[i - 1]!, points[i]!];
  const temperatureC = from + ((to - from) * (hard - hrc)) / (hard - soft);
  return { temperatureC, colour: temperingColour(temperatureC), temperatureF: fahrenheit(temperatureC) };
}

/** A marked file drawn over the piece. */
export interface FileTrial {
  readonly fileHrc: number;
  readonly bites: boolean;
}

export type ScratchVerdict = 'repeat' | 'hard-enough' | 'too-soft' | 'undecided';

/**
 * Hardness between two marked files: a file bites what is softer than itself. The hardest that skates is below,
 * the softest that bites is above; when they cross, the test is repeated on a clean ground spot.
 *
 * @returns `highHrc` or `lowHrc` null when no file said so
 */
export function scratchTest(trials: readonly FileTrial[], wantedHrc: number) {
  atLeast('files tried', trials, 1).forEach(({ fileHrc }) => within('hardness of a file', fileHrc, 20, 70));
  if (!(wantedHrc > 0)) throw new OutOfRange('wanted hardness', wantedHrc, 0);
  const skates = trials.filter(({ bites }) => !bites).map(({ fileHrc }) => fileHrc);
  const bites = trials.filter((trial) => trial.bites).map(({ fileHrc }) => fileHrc);
  const lowHrc = skates.length === 0 ? null : Math.max(...skates);
  const highHrc = bites.length === 0 ? null : Math.min(...bites);
  const consistent = lowHrc === null || highHrc === null || lowHrc < highHrc;
  const judged = (): ScratchVerdict => {
    if (!consistent) return 'repeat';
    if (lowHrc !== null && lowHrc >= wantedHrc) return 'hard-enough';
    return highHrc !== null && highHrc <= wantedHrc ? 'too-soft' : 'undecided';
  };
  return { lowHrc, highHrc, consistent, verdict: judged() };
}

import { MM_PER_INCH } from '@pike-stone/core';
import { compoundFeed, type Taper } from '@pike-stone/core/forecast';
import {
  SLIPS_FROM_DEG,
  sineAngle,
  type GaugeSetName,
  type GaugeUnit,
  type StackAnswer,
  type stackError,
} from '@pike-stone/core/setting';
import { sayLength } from '../forecast/row';
import { formatAngle, type UnitSystem } from '../format';
import { sayFine, sayGauge, sayVeryFine } from './fine';

/** A stack that differs by less is exact, mm or inches. */
const EXACT = 1e-9;
/** The small step that a shop thinks in, and by how much a sine bar may easily be too long, micrometres. */
const SMALL_STEPS: Readonly<
  Record<UnitSystem, { readonly um: number; readonly name: string; readonly barUm: number }>
> = {
  mm: { um: 1, name: 'micrometre', barUm: 2 },
  inch: { um: MM_PER_INCH / 10, name: 'tenth of a thou', barUm: MM_PER_INCH / 10 },
};
/** An error of an angle below this is not worth a word, seconds of arc. */
const LEAST_SAID_ARCSEC = 0.1;
/** Travel over which an indicator proves a slide's angle, mm. */
const PROOF_MM = 50;

type MadeStack = Extract<StackAnswer, { feasible: true }>;

export const GAUGE_SET_WORDS: Readonly<Record<GaugeSetName, string>> = {
  'metric-47': '47 blocks, metric',
  'metric-47b': '47 blocks, metric, tens',
  'metric-88': '88 blocks, metric',
  'metric-103': '103 blocks, metric',
  'inch-81': '81 blocks, inch',
  'feeler-mm-13': '13 feelers, metric',
  'feeler-mm-20': '20 feelers, metric',
  'feeler-in-26': '26 feelers, inch',
};

export const PLATE_SET_WORDS = {
  'three-plates': 'Three plates, 15 to 49',
  'one-plate-two-sides': 'One plate, two sides, 24 to 66',
  'rotary-table-plates': 'Two plates of a rotary table',
  direct: 'Plate on the spindle: 24, 30, 36',
} as const;

/** A block or leaf, as it is marked. */
export const sayPiece = (piece: number, unit: GaugeUnit): string =>
  String(Number(piece.toFixed(unit === 'mm' ? 4 : 5)));

/** The pieces of a stack in their order. */
export const sayPieces = (pieces: readonly number[], unit: GaugeUnit): string =>
  pieces.map((piece) => sayPiece(piece, unit)).join(' + ');

/** Two stacks that one set does not make at the same time. */
export const sayApart = (under: 'plates' | 'rolls'): string =>
  under === 'plates'
    ? 'Both stacks at once cannot be made from this set: each is shown alone, and they may share a piece. Take a second set for one of them.'
    : 'Two such stacks cannot be made from this set at once.';

/** The answer of the stack solver in one line. */
export function sayStack(answer: StackAnswer, unit: GaugeUnit, wearPiece: number | null): string {
  if (answer.feasible)
    return sayPieces(wearPiece === null ? answer.pieces : [wearPiece, ...answer.pieces, wearPiece], unit);
  const near = [answer.nearestBelow, answer.nearestAbove].filter((one): one is number => one !== null);
  return near.length === 0
    ? 'It cannot be made from this set.'
    : `It cannot be made from this set. The nearest: ${near.map((one) => `${sayPiece(one, unit)} ${unit}`).join(' and ')}.`;
}

/** What a number of pieces means for a stack. */
export function sayJoints(count: number, kind: 'blocks' | 'feelers'): string {
  if (kind === 'feelers')
    return count === 1
      ? 'One leaf: the best there is.'
      : `${count} leaves: each adds a few micrometres of film, spring and burr. Clean them, never force a kinked one.`;
  return `${count} ${count === 1 ? 'block' : 'blocks'}: wipe, slide together, handle with a cloth; do not leave them wrung.`;
}

/** What a stack comes to, and by how much it misses. */
export function sayAchieved({ achieved, error }: MadeStack, unit: GaugeUnit): string {
  const comes = `${sayPiece(achieved, unit)} ${unit}`;
  return Math.abs(error) < EXACT
    ? `${comes} exactly.`
    : `${comes}, ${sayPiece(Math.abs(error), unit)} ${unit} ${error > 0 ? 'over' : 'under'}.`;
}

/** How far a stack of grade 1 blocks may be off. */
export const sayStackDoubt = (
  { likelyUm, worstUm }: Pick<ReturnType<typeof stackError>, 'likelyUm' | 'worstUm'>,
  unit: GaugeUnit,
): string => {
  const said = (um: number): string => sayVeryFine(um, unit === 'mm' ? 'mm' : 'inch');
  return `With grade 1 blocks: likely within ${said(likelyUm)}, ${said(worstUm)} at worst. The heat of a hand does more.`;
};

/** A stack under a sine bar, and what errors of the stack and of the bar do. */
export function saySine(lengthMm: number, stackMm: number, arcsecPerUm: number, units: UnitSystem): string {
  const { um, name, barUm } = SMALL_STEPS[units];
  const { errorArcsec } = sineAngle(lengthMm, stackMm, 0, barUm);
  const stack = `Stack ${sayGauge(stackMm, units)}: ${(arcsecPerUm * um).toFixed(1)} seconds of arc for each ${name}.`;
  return Math.abs(errorArcsec) < LEAST_SAID_ARCSEC
    ? stack
    : `${stack} A bar that is ${sayFine(barUm / 1000, units)} too long sets ${Math.abs(errorArcsec).toFixed(1)} seconds too little.`;
}

/** An angle at which the complement is set. */
export const saySteep = (angleDeg: number): string =>
  `Steep: set ${formatAngle(90 - angleDeg)} and stand the work on an angle plate.${angleDeg > SLIPS_FROM_DEG ? ' The bar may slip: clamp it to the plate.' : ''}`;

/** The tilt that two plates make. */
export const sayTilt = (trueTiltDeg: number): string =>
  `True tilt from level ${formatAngle(trueTiltDeg, 3)}. Using the two angles as they are would be wrong: the second plate is tilted by the first.`;

/** How a taper is set on the compound slide, how that is proved, and the taper in all its ways of being said. */
export function sayTaper(taper: Taper, units: UnitSystem): readonly string[] {
  const { radialMm } = compoundFeed(taper.halfDeg, PROOF_MM);
  return [
    `From the lathe’s axis; where 0 is marked square to the axis, set ${formatAngle(90 - taper.halfDeg, 3)}.`,
    `Prove it on a bar: an indicator must move ${sayFine(radialMm, units)} over ${sayLength(PROOF_MM, units)} of the slide.`,
    `1 : ${Number(taper.oneTo.toFixed(3))}, included ${formatAngle(taper.includedDeg, 3)}, ${Number(taper.perFootIn.toFixed(4))} in a foot, ${Number((100 * taper.perMm).toFixed(3))} %.`,
  ];
}

/** Set-over at which plain centres bear on a line only. */
export const saySetoverLimit = (limitMm: number, units: UnitSystem): string =>
  `More than ${sayLength(limitMm, units)}: plain centres bear on a line only. Take ball centres, or the compound slide.`;

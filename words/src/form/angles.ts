import {
  type DifferentialDividing,
  type GaugeSetName,
  type GaugeUnit,
  type SimpleIndexing,
  type StackAnswer,
} from '@pike-stone/core/setting';

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

/** The answer of the stack solver in one line. */
export function sayStack(answer: StackAnswer, unit: GaugeUnit, wearPiece: number | null): string {
  if (answer.feasible) {
    const pair = wearPiece === null ? [] : [sayPiece(wearPiece, unit), sayPiece(wearPiece, unit)];
    const [first, last] = pair;
    return [
      ...(first ? [first] : []),
      ...answer.pieces.map((piece) => sayPiece(piece, unit)),
      ...(last ? [last] : []),
    ].join(' + ');
  }
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

const turns = (full: number): string => (full === 0 ? '' : `${full} full ${full === 1 ? 'turn' : 'turns'}`);

/** The move of the crank for simple indexing on one circle. */
export function sayIndexing(found: SimpleIndexing, circle?: number): string {
  if (!found.exact)
    return `Not exact on these plates. Each division to its own nearest hole of the ${found.circle} circle.`;
  const choice =
    found.choices.find((one) => one.circle === circle) ?? found.choices[found.choices.length - 1]!;
  const full = turns(found.fullTurns);
  if (choice.spaces === 0) return full;
  const spaces = `${choice.spaces} ${choice.spaces === 1 ? 'space' : 'spaces'} of the ${choice.circle} circle`;
  return full === '' ? spaces : `${full} and ${spaces}`;
}

/** Gears, circle and direction of differential dividing. */
export function sayDifferential({
  trialDivisions,
  gears,
  plateDirection,
  crankTurns,
  circle,
}: DifferentialDividing): readonly string[] {
  const full = Math.floor(crankTurns.num / crankTurns.den);
  const spaces = ((crankTurns.num - full * crankTurns.den) * circle) / crankTurns.den;
  const crank = [turns(full), spaces === 0 ? '' : `${spaces} spaces of the ${circle} circle`]
    .filter(Boolean)
    .join(' and ');
  return [
    `Index ${trialDivisions}: ${crank}.`,
    `Gears: ${gears.drivers.join(' × ')} driving, ${gears.driven.join(' × ')} driven.`,
    `The plate turns ${plateDirection === 'with-crank' ? 'with' : 'against'} the crank: choose the idlers so, and prove it by one turn.`,
  ];
}

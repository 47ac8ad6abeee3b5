import { OutOfRange, atLeast, positive } from '../quantity/out-of-range';

export type GaugeUnit = 'mm' | 'in';
/** Blocks are wrung together; feelers are leaves that are laid on one another. */
export type GaugeKind = 'blocks' | 'feelers';

/** Integer steps in one unit: half a micrometre, or 0.00005 in. Sizes are added as whole steps only. */
export const STEPS_PER_UNIT: Readonly<Record<GaugeUnit, number>> = { mm: 2000, in: 20000 };

/** Pieces from, to and by a step, in steps of the unit. */
const run = (from: number, to: number, by: number): readonly number[] =>
  Array.from({ length: Math.round((to - from) / by) + 1 }, (_, i) => from + i * by);

interface GaugeSet {
  readonly unit: GaugeUnit;
  readonly kind: GaugeKind;
  /** Whole steps of the unit. */
  readonly steps: readonly number[];
}

/** Steps in a millimetre. */
const METRIC = STEPS_PER_UNIT.mm;

/**
 * Usual sets, each size once. Makers vary: a shop marks what is missing or worn, or lists its own.
 */
export const GAUGE_SETS = {
  'metric-47': {
    unit: 'mm',
    kind: 'blocks',
    steps: [
      2010,
      ...run(2020, 2180, 20),
      ...run(2200, 3800, 200),
      ...run(METRIC, 24 * METRIC, METRIC),
      ...run(25 * METRIC, 100 * METRIC, 25 * METRIC),
    ],
  },
  'metric-47b': {
    unit: 'mm',
    kind: 'blocks',
    steps: [
      2010,
      ...run(2020, 2380, 20),
      ...run(2400, 3800, 200),
      ...run(METRIC, 9 * METRIC, METRIC),
      ...run(10 * METRIC, 100 * METRIC, 10 * METRIC),
    ],
  },
  'metric-88': {
    unit: 'mm',
    kind: 'blocks',
    steps: [
      2001,
      ...run(2002, 2018, 2),
      ...run(2020, 2980, 20),
      ...run(1000, 19000, 1000),
      ...run(10 * METRIC, 100 * METRIC, 10 * METRIC),
    ],
  },
  'metric-103': {
    unit: 'mm',
    kind: 'blocks',
    steps: [
      2010,
      ...run(2020, 2980, 20),
      ...run(1000, 49000, 1000),
      ...run(25 * METRIC, 100 * METRIC, 25 * METRIC),
    ],
  },
  'inch-81': {
    unit: 'in',
    kind: 'blocks',
    steps: [
      ...run(2002, 2018, 2),
      ...run(2020, 2980, 20),
      ...run(1000, 19000, 1000),
      ...run(20000, 80000, 20000),
    ],
  },
  'feeler-mm-13': { unit: 'mm', kind: 'feelers', steps: [...run(100, 600, 100), ...run(800, 2000, 200)] },
  'feeler-mm-20': { unit: 'mm', kind: 'feelers', steps: run(100, 2000, 100) },
  'feeler-in-26': { unit: 'in', kind: 'feelers', steps: [30, 40, 50, 60, ...run(80, 500, 20)] },
} as const satisfies Readonly<Record<string, GaugeSet>>;

export type GaugeSetName = keyof typeof GAUGE_SETS;
export const GAUGE_SET_NAMES = Object.keys(GAUGE_SETS) as GaugeSetName[];

/** The thickest leaf of a set of feelers, in whole steps of the unit: 1 mm, or 0.04 in. Every set of blocks has thicker ones. */
const THICKEST_LEAF: Readonly<Record<GaugeUnit, number>> = {
  mm: STEPS_PER_UNIT.mm,
  in: 0.04 * STEPS_PER_UNIT.in,
};

/**
 * Whether a shop's own list of pieces is one of blocks or of feelers, by its thickest piece.
 * @param steps  in whole steps of the unit
 */
export const kindOfPieces = (steps: readonly number[], unit: GaugeUnit): GaugeKind =>
  Math.max(...steps) <= THICKEST_LEAF[unit] ? 'feelers' : 'blocks';

/**
 * A size in whole steps of its unit.
 * @throws OutOfRange for a piece that is no whole number of steps
 */
export function stepsOf(what: string, value: number, unit: GaugeUnit): number {
  const exact = positive(what, value) * STEPS_PER_UNIT[unit];
  const whole = Math.round(exact);
  if (Math.abs(exact - whole) > 1e-6 * Math.max(1, whole))
    throw new OutOfRange(what, value, 1 / STEPS_PER_UNIT[unit]);
  return whole;
}

/** A list of pieces in steps, checked. */
export const piecesInSteps = (pieces: readonly number[], unit: GaugeUnit): readonly number[] =>
  atLeast('pieces', pieces, 1).map((piece) => stepsOf('piece', piece, unit));

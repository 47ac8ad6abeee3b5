import { DEG } from '../quantity/angle';
import { atLeast, positive } from '../quantity/out-of-range';
import { RACKS, gearCircles, moduleOfPitch, usualTipRadius, type Gear } from './gear';
import { plainSpan } from './over-teeth';

/** Modules of ISO 54 and the finer ones of instruments, mm. */
const MODULES = [
  0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.125, 1.25, 1.375, 1.5, 1.75, 2, 2.25, 2.5, 2.75, 3, 3.5,
  4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20,
] as const;

/** Usual diametral pitches, per inch. */
const PITCHES = [
  1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 32, 36, 40, 48, 56, 64, 72,
  80, 96, 120,
] as const;

/** Pressure angle and addendum of the racks that are tried. */
const TRIED = [
  [20, 1],
  [14.5, 1],
  [25, 1],
  [20, 0.8],
] as const;

/** Profile shifts that are believed, in modules. */
const LEAST_SHIFT = 0.05;
const MOST_SHIFT = 1;
/** Score that a candidate with an assumed shift carries. */
const SHIFT_PENALTY = 9;
/** Lead over the runner-up from which a gear counts as known. */
export const SURE_LEAD = 9;
/** Usual doubts of an outside diameter and of a span on a worn gear, mm. */
export const USUAL_DOUBT_MM = { outside: 0.1, span: 0.03 } as const;

export interface MeasuredGear {
  readonly teeth: number;
  readonly outsideMm: number;
  readonly spans: readonly { readonly teeth: number; readonly lengthMm: number }[];
  readonly doubtMm: { readonly outside: number; readonly span: number };
}

export interface GearCandidate {
  readonly system: 'module' | 'diametral-pitch';
  readonly size: number;
  readonly gear: Gear;
  /** Measured less computed, mm. */
  readonly outsideResidualMm: number;
  readonly spanResidualsMm: readonly number[];
  /** Lower is better: squares of the residuals in doubts, and 9 for an assumed shift. */
  readonly score: number;
}

const rackOf = (pressureAngleDeg: number, addendum: number) =>
  addendum === RACKS['stub-20'].addendum
    ? RACKS['stub-20']
    : { pressureAngleDeg, addendum, dedendum: 1.25, tipRadius: usualTipRadius(pressureAngleDeg) };

const SIZES = [
  ...MODULES.map((size) => ({ system: 'module' as const, size, moduleMm: size })),
  ...PITCHES.map((size) => ({ system: 'diametral-pitch' as const, size, moduleMm: moduleOfPitch(size) })),
];

/**
 * Which gear was measured: every usual module and pitch with each rack, without shift and with the shift that
 * the spans ask for, in the order of their score.
 *
 * @param measured  at least one span; two tell the pressure angle apart, because their difference is the base pitch
 */
export function identifyGear(measured: MeasuredGear): readonly GearCandidate[] {
  positive('outside diameter', measured.outsideMm);
  positive('doubt of the outside diameter', measured.doubtMm.outside);
  positive('doubt of a span', measured.doubtMm.span);
  atLeast('spans', measured.spans, 1).forEach(({ lengthMm }) => positive('span', lengthMm));
  const scored = (part: (typeof SIZES)[number], gear: Gear, penalty: number): GearCandidate => {
    const outside = 2 * gearCircles(gear).ra;
    const spanResidualsMm = measured.spans.map(({ teeth, lengthMm }) => lengthMm - plainSpan(gear, teeth));
    const outsideResidualMm = measured.outsideMm - outside;
    const squares = spanResidualsMm.reduce((sum, one) => sum + (one / measured.doubtMm.span) ** 2, 0);
    return {
      system: part.system,
      size: part.size,
      gear,
      outsideResidualMm,
      spanResidualsMm,
      score: (outsideResidualMm / measured.doubtMm.outside) ** 2 + squares + penalty,
    };
  };
  return SIZES.flatMap((part) =>
    TRIED.flatMap(([pressureAngleDeg, addendum]) => {
      const plain: Gear = {
        moduleMm: part.moduleMm,
        teeth: measured.teeth,
        shift: 0,
        rack: rackOf(pressureAngleDeg, addendum),
      };
      const over = measured.spans.map(({ teeth, lengthMm }) => lengthMm - plainSpan(plain, teeth));
      const shift =
        over.reduce((sum, one) => sum + one, 0)
        / over.length
        / (2 * part.moduleMm * Math.sin(pressureAngleDeg * DEG));
      const size = Math.abs(shift);
      return size > LEAST_SHIFT && size <= MOST_SHIFT
        ? [scored(part, plain, 0), scored(part, { ...plain, shift }, SHIFT_PENALTY)]
        : [scored(part, plain, 0)];
    }),
  ).sort((a, b) => a.score - b.score);
}

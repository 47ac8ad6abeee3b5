import { DEG } from '../quantity/angle';
import { mean } from '../quantity/mean';
import { atLeast, positive } from '../quantity/out-of-range';
import { RACKS, gearCircles, moduleOfPitch, type Gear, type RackName } from './gear';
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

/** Racks that are tried: one of each pressure angle and addendum, for neither size tells the depth of the root. */
const TRIED = ['iso-53-a', 'older-14.5', 'full-25', 'stub-20'] as const satisfies readonly RackName[];

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
  readonly rack: RackName;
  readonly gear: Gear;
  /** Measured less computed, mm. */
  readonly outsideResidualMm: number;
  readonly spanResidualsMm: readonly number[];
  /** Lower is better: squares of the residuals in doubts, and 9 for an assumed shift. */
  readonly score: number;
}

/** Every usual module and pitch. */
const PITCHED = [
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
  const scored = (
    { system, size, moduleMm }: (typeof PITCHED)[number],
    rack: RackName,
    shift: number,
  ): GearCandidate => {
    const gear: Gear = { moduleMm, teeth: measured.teeth, shift, rack: RACKS[rack] };
    const outside = 2 * gearCircles(gear).ra;
    const spanResidualsMm = measured.spans.map(({ teeth, lengthMm }) => lengthMm - plainSpan(gear, teeth));
    const outsideResidualMm = measured.outsideMm - outside;
    const squares = spanResidualsMm.reduce((sum, one) => sum + (one / measured.doubtMm.span) ** 2, 0);
    const penalty = shift === 0 ? 0 : SHIFT_PENALTY;
    return {
      system,
      size,
      rack,
      gear,
      outsideResidualMm,
      spanResidualsMm,
      score: (outsideResidualMm / measured.doubtMm.outside) ** 2 + squares + penalty,
    };
  };
  return PITCHED.flatMap((pitch) =>
    TRIED.flatMap((rack) => {
      const plain = scored(pitch, rack, 0);
      const over = mean(plain.spanResidualsMm);
      const shift = over / (2 * pitch.moduleMm * Math.sin(RACKS[rack].pressureAngleDeg * DEG));
      const isBelieved = Math.abs(shift) > LEAST_SHIFT && Math.abs(shift) <= MOST_SHIFT;
      return isBelieved ? [plain, scored(pitch, rack, shift)] : [plain];
    }),
  ).sort((a, b) => a.score - b.score);
}

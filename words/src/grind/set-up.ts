import {
  LEAST_CLEARANCE_DEG,
  type BoreClearance,
  type CentreHeight,
  type CentreRule,
  type CutSide,
} from '@pike-stone/core/grind';
import { formatAngle, formatLength, joined, type UnitSystem } from '../format';

/** A lean that no eye sees, degrees. */
const SQUARE_DEG = 0.05;

const sized =
  (units: UnitSystem) =>
  (mm: number): string =>
    joined(formatLength(mm, units));

/**
 * What stands under a bit so that its nose lies on the axis.
 * @param packingMm  negative where the bit already stands too high
 * @example sayPacking(5.6, 'mm') // "5.6 mm of packing"
 */
export const sayPacking = (packingMm: number, units: UnitSystem): string =>
  packingMm >= 0
    ? `${sized(units)(packingMm)} of packing`
    : `${sized(units)(-packingMm)} too high: a thinner bit or a lower holder`;

export const sayNoseHeight = (noseMm: number, units: UnitSystem): string =>
  `The nose of this bit lies ${sized(units)(noseMm)} over its bottom. A quick-change post is set by its screw to the same height.`;

/** A nose so far off the axis that it never meets the work. */
export const sayPastWork = (heightErrorMm: number, diameterMm: number, units: UnitSystem): string =>
  `The nose stands ${sized(units)(Math.abs(heightErrorMm))} off the axis of work ${sized(units)(diameterMm)} thick: it does not meet it.`;

/** What a height error does to the angles that work, in words. */
export interface SaidHeight {
  readonly angles: string;
  /** The front rubs; null when it clears. */
  readonly rubs: string | null;
  /** Which side of the axis does what. */
  readonly rule: string;
}

export function sayHeight(
  side: CutSide,
  working: CentreHeight,
  ground: { readonly backRakeDeg: number; readonly frontClearanceDeg: number },
): SaidHeight {
  const deg = (value: number): string => formatAngle(value, 1);
  return {
    angles: `Back rake ${deg(working.backRakeDeg)} instead of ${deg(ground.backRakeDeg)}, front clearance ${deg(working.frontClearanceDeg)} instead of ${deg(ground.frontClearanceDeg)}.`,
    rubs:
      working.frontClearanceDeg < LEAST_CLEARANCE_DEG
        ? `The front rubs: ${side === 'outside' ? 'lower' : 'raise'} it, or grind more front clearance.`
        : null,
    rule:
      side === 'outside'
        ? 'Above centre it rubs outside, below it cuts freer but digs in.'
        : 'In a bore a nose above centre is relieved, below it rubs.',
  };
}

/** What a thin rule pinched between work and nose shows. */
export const sayRuleLean = (
  { leanDeg, topOffsetMm }: CentreRule,
  aboveMm: number,
  units: UnitSystem,
): string =>
  Math.abs(leanDeg) < SQUARE_DEG
    ? 'It stands square to the line from axis to nose.'
    : `Its top leans ${formatAngle(Math.abs(leanDeg), 1)} ${leanDeg > 0 ? 'toward the work: too high' : 'toward you: too low'}, ${sized(units)(Math.abs(topOffsetMm))} at ${sized(units)(aboveMm)}.`;

export const sayRuleSees = ({ smallestSeenMm }: CentreRule, units: UnitSystem): string =>
  `On this diameter an eye sees an error of ${sized(units)(smallestSeenMm)} or more: set the height on small work. Spindle stopped, press lightly.`;

/** Where a bit stands nearest to the wall of its bore. */
export const sayBoreGap = ({ touches, at, gapMm }: BoreClearance, units: UnitSystem): string =>
  touches
    ? `The ${at} stands ${sized(units)(-gapMm)} into the wall: it rubs.`
    : `The ${at} clears the wall by ${sized(units)(gapMm)}.`;

export const saySmallestBore = (leastMm: number, gapMm: number, units: UnitSystem): string =>
  `Smallest bore with a gap of ${sized(units)(gapMm)}: ${sized(units)(leastMm)}.`;

import { LEAST_CLEARANCE_DEG, type AngleVerdict, type ReadAngle } from '@pike-stone/core/grind';
import { formatAngle, formatFeedPerTurn, joined, type UnitSystem } from '../format';
import { ANGLE_WORDS } from './angle';

/** A measured angle judged, in words. */
export interface SaidVerdict {
  /** "Side clearance 4°: 6° less than planned." */
  readonly text: string;
  /** What it does to the cut; null when it is right. */
  readonly effect: string | null;
  /** What to change at the rest; null when nothing. */
  readonly mend: string | null;
}

const deg = (value: number): string => formatAngle(value, 1);

function effectOf(angle: ReadAngle, verdict: AngleVerdict, units: UnitSystem): string {
  const words = ANGLE_WORDS[angle];
  if (verdict.offDeg > 0)
    return verdict.weakWedge && verdict.wedgeDeg !== null
      ? `The wedge is down to ${deg(verdict.wedgeDeg)}: ${words.tooMuch}`
      : words.tooMuch;
  if (verdict.rubsAboveMm !== null)
    return verdict.rubsAboveMm > 0
      ? `Rubs above ${joined(formatFeedPerTurn(verdict.rubsAboveMm, units))}. ${words.tooLittle}`
      : `Rubs at any feed. ${words.tooLittle}`;
  if (verdict.frontLeftDeg !== null && verdict.frontLeftDeg < LEAST_CLEARANCE_DEG)
    return `Only ${deg(verdict.frontLeftDeg)} is left where the nose stands. ${words.tooLittle}`;
  return words.tooLittle;
}

/** What a measured angle means, and the correction. */
export function sayAngleVerdict(
  angle: ReadAngle,
  measuredDeg: number,
  verdict: AngleVerdict,
  units: UnitSystem,
): SaidVerdict {
  const { name } = ANGLE_WORDS[angle];
  if (verdict.ok) return { text: `${name} ${deg(measuredDeg)}: as it should be.`, effect: null, mend: null };
  const off = deg(Math.abs(verdict.offDeg));
  const by = Math.abs(verdict.tiltBy);
  return {
    text: `${name} ${deg(measuredDeg)}: ${off} ${verdict.offDeg > 0 ? 'more' : 'less'} than planned.`,
    effect: effectOf(angle, verdict, units),
    mend:
      by < 0.5
        ? null
        : `Set the rest ${formatAngle(by, 0)} ${verdict.tiltBy > 0 ? 'lower' : 'higher'} at your edge and grind this face again.`,
  };
}

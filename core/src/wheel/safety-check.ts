import { FORBIDDEN_MATERIALS } from './abrasive';
import type { BondMark } from './marking';
import type { RingTest } from './wheel-names';
import { wheelSpeed } from './wheel-speed';

/** Largest gaps at a bench grinder, in a metric shop and in one that works in inches, mm. */
export const GAP_LIMITS = { mm: { rest: 3, tongue: 6 }, inch: { rest: 3.175, tongue: 6.35 } } as const;
/** Flanges are at least this share of the wheel. */
const FLANGE_SHARE = 1 / 3;
const GUARD = 1e-9;

/** A wheel as it is mounted, and who stands before it. */
export interface WheelCheck {
  readonly restGapMm: number;
  readonly tongueGapMm: number;
  readonly spindleRpm: number;
  /** As marked: its diameter when new. */
  readonly wheelMm: number;
  readonly ratedMPerS: number;
  readonly flangeMm: number;
  readonly bond: BondMark;
  readonly ringTest: RingTest;
  readonly use: 'periphery' | 'side';
  readonly sideRated: boolean;
  readonly cutOff: boolean;
  readonly faceProtection: boolean;
  readonly breathingProtection: boolean;
  readonly gloves: boolean;
  readonly workMaterial: string;
}

/** Faults of a mounted wheel, in the order in which they are told. */
export type WheelFault =
  | 'over-speed'
  | 'ring-test'
  | 'flange-small'
  | 'rest-gap'
  | 'tongue-gap'
  | 'cut-off-side'
  | 'side-not-rated'
  | 'no-face-protection'
  | 'no-breathing-protection'
  | 'gloves'
  | 'wrong-material';

/**
 * Faults of a mounted wheel. It reminds and does not permit: the wheel maker's limits and local rules
 * come first.
 *
 * @param gaps  of the shop's units; the limits themselves pass
 */
export function wheelFaults(
  check: WheelCheck,
  gaps: { readonly rest: number; readonly tongue: number } = GAP_LIMITS.mm,
): readonly WheelFault[] {
  const onSide = check.use === 'side';
  const rated = { mPerS: check.ratedMPerS, rpm: null };
  const found: readonly (readonly [WheelFault, boolean])[] = [
    ['over-speed', !wheelSpeed(check.wheelMm, check.spindleRpm, rated).ok],
    // Resin and rubber do not ring: they are looked at.
    ['ring-test', check.bond === 'V' && check.ringTest !== 'clear'],
    ['flange-small', check.flangeMm < check.wheelMm * FLANGE_SHARE - GUARD],
    ['rest-gap', check.restGapMm > gaps.rest + GUARD],
    ['tongue-gap', check.tongueGapMm > gaps.tongue + GUARD],
    ['cut-off-side', onSide && check.cutOff],
    ['side-not-rated', onSide && !check.cutOff && !check.sideRated],
    ['no-face-protection', !check.faceProtection],
    ['no-breathing-protection', !check.breathingProtection],
    ['gloves', check.gloves],
    ['wrong-material', (FORBIDDEN_MATERIALS as readonly string[]).includes(check.workMaterial)],
  ];
  return found.flatMap(([fault, is]) => (is ? [fault] : []));
}

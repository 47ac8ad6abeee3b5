import { tapTiming } from './tap-timing';

export interface PulsePoint {
  readonly t: number;
  /** Between this pulse and the one before; Infinity for two at one time. */
  readonly rpm: number;
  /** A doubled pulse or a gap: not a turn of its own. */
  readonly odd: boolean;
}

export interface PulseSpeed {
  readonly rpm: number;
  readonly uRel: number;
  readonly missed: number;
  readonly doubled: number;
  readonly outliers: number;
  /** Share of the turns in the time looked at that came as one clean pulse, 0 to 1. */
  readonly quality: number;
  readonly trace: readonly PulsePoint[];
}

const ODD = 0.3;
/** Clock of a small tachometer. */
const U_CLOCK_REL = 1e-4;

/**
 * Spindle speed from a train of pulses with missed and doubled ones among them,
 * late lines already put in order: the same robust fit as for tapped marks, each
 * pulse being 1/k of a turn.
 *
 * @param timesS         of the pulses, rising, seconds of the instrument's clock
 * @param pulsesPerTurn  k, marks or magnets on the spindle, 1 or more
 * @returns null while fewer than four pulses are left
 * @example pulseSpeed([0, 0.1, 0.2, 0.3, 0.4], 1)?.rpm // 600
 */
export function pulseSpeed(timesS: readonly number[], pulsesPerTurn: number): PulseSpeed | null {
  const found = tapTiming(timesS, 1 / pulsesPerTurn);
  if (!found) return null;
  const periodS = 60 / (found.rpm * pulsesPerTurn);
  const trace = timesS.slice(1).map((t, i): PulsePoint => {
    const gap = t - timesS[i]!;
    return { t, rpm: 60 / (gap * pulsesPerTurn), odd: Math.abs(gap / periodS - 1) > ODD };
  });
  const turns = Math.max(1, Math.round((timesS.at(-1)! - timesS[0]!) / periodS));
  const clean = trace.filter(({ odd }) => !odd).length;
  return {
    rpm: found.rpm,
    uRel: Math.hypot(found.uRel, U_CLOCK_REL),
    missed: found.missedTaps,
    doubled: found.doublesDropped,
    outliers: found.outliersDropped,
    quality: Math.min(1, clean / turns),
    trace,
  };
}

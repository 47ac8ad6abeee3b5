import { positive } from '../quantity/out-of-range';
import { reduction, type GearTrain } from './belt-table';

/** A spindle speed that was measured, with its relative standard uncertainty. */
export interface MeasuredSpeed {
  readonly rpm: number;
  readonly uRel: number;
}

/** A measured size or count with its standard uncertainty in the same unit. */
export interface Measured {
  readonly value: number;
  readonly u?: number | undefined;
}

const rel = ({ value, u = 0 }: Measured): number => u / value;

/**
 * Friction wheel of known size held against a smooth rim: n = 60 N d / (D t (1 - s)).
 * The wheel lags by its creep, so the speed is corrected upward.
 *
 * @param wheelMm       diameter of the wheel, mm
 * @param workMm        diameter of the rim it rolls on, mm
 * @param turns         turns of the wheel, 100 or more for a good measure
 * @param slipPercent   creep, 0 to 1 %
 */
export function frictionWheel(input: {
  wheelMm: Measured;
  workMm: Measured;
  turns: Measured;
  timeS: Measured;
  slipPercent?: Measured;
}): MeasuredSpeed & { rimSpeedMPerMin: number } {
  const { wheelMm, workMm, turns, timeS, slipPercent = { value: 0 } } = input;
  positive('wheel diameter', wheelMm.value);
  positive('rim diameter', workMm.value);
  positive('turns', turns.value);
  positive('time', timeS.value);
  const grip = 1 - slipPercent.value / 100;
  const rpm =
    (60 * turns.value * wheelMm.value) / (workMm.value * timeS.value * positive('grip of the wheel', grip));
  const uRel = Math.hypot(
    rel(wheelMm),
    rel(workMm),
    rel(turns),
    rel(timeS),
    (slipPercent.u ?? 0) / 100 / grip,
  );
  return { rpm, uRel, rimSpeedMPerMin: (Math.PI * workMm.value * rpm) / 1000 };
}

/**
 * Whole turns of a chalk mark counted with the back gear in, times the reduction:
 * the speed with it out. Tooth counts are exact.
 */
export function backGearCount(
  turns: Measured,
  timeS: Measured,
  backGear: GearTrain,
): { slowRpm: number; reduction: number; directRpm: number; uRel: number } {
  const slowRpm = (60 * positive('turns', turns.value)) / positive('time', timeS.value);
  const times = reduction(backGear);
  return { slowRpm, reduction: times, directRpm: slowRpm * times, uRel: Math.hypot(rel(turns), rel(timeS)) };
}

/**
 * Pulse tachometer. `gate`: pulses in a free-running time, the count off by up to
 * one either way, triangular: u = 1 / (sqrt(6) m). `period`: from the first pulse
 * to the last: n = 60 (m - 1) / (k T), u = sqrt(2) jitter / T.
 *
 * @param pulsesPerTurn  k, marks on the spindle
 * @param uClockRel      relative standard uncertainty of the clock
 */
export function pulseTachometer(
  mode: 'gate' | 'period',
  pulses: number,
  timeS: number,
  pulsesPerTurn: number,
  uClockRel = 0,
  jitterS = 0,
): MeasuredSpeed {
  positive('time', timeS);
  positive('pulses per turn', pulsesPerTurn);
  const intervals =
    mode === 'gate' ? positive('pulses', pulses) : positive('pulses after the first', pulses - 1);
  const uCount = mode === 'gate' ? 1 / (Math.sqrt(6) * pulses) : (Math.SQRT2 * jitterS) / timeS;
  return { rpm: (60 * intervals) / (pulsesPerTurn * timeS), uRel: Math.hypot(uCount, uClockRel) };
}

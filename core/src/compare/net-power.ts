import { positive, within } from '../quantity/out-of-range';

export const SUPPLIES = ['dc', 'single', 'three'] as const;
export type Supply = (typeof SUPPLIES)[number];
/** How watts are taken from amps: plainly, with power factors, or with the magnetising current held. */
export const POWER_METHODS = ['dc', 'power-factors', 'quadrature'] as const;
export type PowerMethod = (typeof POWER_METHODS)[number];

export interface MotorReading {
  readonly supply: Supply;
  readonly method: PowerMethod;
  readonly volts: number;
  readonly idleA: number;
  readonly cutA: number;
  /** Power factor at idle, and in the cut where it is known. */
  readonly pfIdle: number;
  readonly pfCut: number;
  /** Share of the motor's power that reaches the cut. */
  readonly efficiency: number;
}

/** What the cut takes off. */
export interface Removal {
  readonly vcMPerMin: number;
  readonly feedMm: number;
  readonly depthMm: number;
}

export interface NetPower {
  readonly inputIdleW: number;
  readonly inputCutW: number;
  /** At the cut. */
  readonly netPowerW: number;
  readonly removalMm3S: number;
  /** J/mm³, equal to the specific force in kN/mm². */
  readonly specificEnergyJMm3: number;
}

/** Typical of a small motor: power factor at idle, and what belts and gears leave. */
export const USUAL_PF_IDLE = 0.28;
export const USUAL_PF_CUT = 0.7;
export const USUAL_EFFICIENCY = 0.7;
/** Current of a small machine's motor at idle, A. */
export const USUAL_IDLE_A = 2.1;

const TIMES: Readonly<Record<Supply, number>> = { dc: 1, single: 1, three: Math.sqrt(3) };

/**
 * Net power of a cut from the motor's current at idle and in the cut, and the energy for
 * each cubic millimetre.
 *
 * Direct current: P = V I. Alternating: V I times the power factor, √3 with three
 * phases. Where the factor in the cut is not known, the magnetising current
 * I_idle √(1 - pf²) is taken to stay as it is at idle (quadrature), and the active
 * current in the cut is √(I² - I_m²). Net = efficiency × (cut - idle).
 * Removal = vc f ap 1000 / 60. Source: IEC 60034-1 for the kinds of current.
 *
 * @throws OutOfRange for values that cannot be, and for a current in the cut below the magnetising current
 */
export function netPower(motor: MotorReading, removal: Removal): NetPower {
  const { supply, method, volts, efficiency } = motor;
  within('efficiency', efficiency, 0.05, 1);
  const times = positive('volts', volts) * TIMES[supply];
  const { idleA, cutA } = activeAmps(method, motor);
  const [inputIdleW, inputCutW] = [times * idleA, times * cutA];
  const netPowerW = efficiency * (inputCutW - inputIdleW);
  const removalMm3S = removalRate(removal);
  return { inputIdleW, inputCutW, netPowerW, removalMm3S, specificEnergyJMm3: netPowerW / removalMm3S };
}

/**
 * Metal that a turning cut takes off, mm³/s: vc f ap 1000 / 60.
 *
 * @throws OutOfRange for a speed, feed or depth that is not above 0
 */
export const removalRate = ({ vcMPerMin, feedMm, depthMm }: Removal): number =>
  (positive('cutting speed', vcMPerMin) * positive('feed', feedMm) * positive('depth', depthMm) * 1000) / 60;

/** A change of current below so many steps of the ammeter is no reading of the cut; just as many are one. */
const LEAST_STEPS = 3 - 1e-9;

/**
 * Whether a cut changes the current by less than three steps of the ammeter: then what it
 * takes is below what this ammeter can see.
 *
 * @param resolutionA  step of the ammeter, A
 */
export const isBelowSight = (idleA: number, cutA: number, resolutionA: number): boolean =>
  cutA - idleA < LEAST_STEPS * resolutionA;

/**
 * The current in the cut that `netPower` reads as a net power: its inverse, for a gauge that is simulated.
 *
 * @param netPowerW  0 or more
 */
export function currentFor(
  { supply, method, volts, idleA, pfIdle, pfCut, efficiency }: Omit<MotorReading, 'cutA'>,
  netPowerW: number,
): number {
  const times = positive('volts', volts) * TIMES[supply];
  const atIdle = method === 'dc' ? idleA : idleA * pfIdle;
  const activeA = atIdle + within('net power', netPowerW, 0, Number.MAX_VALUE) / (efficiency * times);
  if (method === 'dc') return activeA;
  if (method === 'power-factors') return activeA / positive('power factor in the cut', pfCut);
  return Math.sqrt(activeA ** 2 + idleA ** 2 * (1 - pfIdle ** 2));
}

/** The part of the current that does work. */
function activeAmps(
  method: PowerMethod,
  { idleA, cutA, pfIdle, pfCut }: MotorReading,
): { readonly idleA: number; readonly cutA: number } {
  positive('current at idle', idleA);
  positive('current in the cut', cutA);
  if (method === 'dc') return { idleA, cutA };
  within('power factor at idle', pfIdle, 0.01, 1);
  if (method === 'power-factors')
    return { idleA: idleA * pfIdle, cutA: cutA * within('power factor in the cut', pfCut, 0.01, 1) };
  const magnetisingA = idleA * Math.sqrt(1 - pfIdle ** 2);
  within('current in the cut', cutA, magnetisingA, Number.MAX_VALUE);
  return { idleA: idleA * pfIdle, cutA: Math.sqrt(cutA ** 2 - magnetisingA ** 2) };
}

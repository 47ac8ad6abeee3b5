import { spindlePower, type SpindlePower } from '../machine/spindle-power';
import type { CutPlan } from '../operation/cut-plan';
import type { SpindleLoad } from '../operation/operation';
import { operationOf, type CutSetup } from '../operation/registry';

export interface PowerShare {
  readonly torqueNm: number;
  readonly powerKw: number;
  /** What the machine has in this speed step; null when its motor is not known. */
  readonly has: SpindlePower | null;
  /** Of what there is, the tighter of power and torque; null when it is not known. */
  readonly share: number | null;
  readonly tighter: 'power' | 'torque';
}

/** Belts slip and single-phase motors stall: a quarter is left in reserve. */
export const POWER_RESERVE = 0.75;
/** Power up to this many times the reserve still counts as within it. */
const RESERVE_SLACK = 1.001;

/** Whether a cut that takes this share of the machine leaves the reserve. */
export const leavesReserve = (share: number): boolean => share <= POWER_RESERVE * RESERVE_SLACK;

/** What the spindle has in a speed step of the machine; null when its motor is not known. */
export function stepPower({ machine }: CutSetup, rpm: number): SpindlePower | null {
  const step = machine.speeds.find((one) => one.rpm === rpm);
  return step ? spindlePower(step, machine.motor) : null;
}

/** Power and torque of the cut against what the machine has in the speed step in use. */
export function powerShare(
  setup: CutSetup,
  plan: CutPlan,
  load: SpindleLoad | null = operationOf(setup).spindleLoad(setup, plan),
): PowerShare {
  if (!load) return { torqueNm: 0, powerKw: 0, has: null, share: null, tighter: 'power' };
  const { powerKw, torqueNm } = load;
  const has = stepPower(setup, plan.speed.rungRpm);
  if (!has) return { torqueNm, powerKw, has, share: null, tighter: 'power' };
  const [byPower, byTorque] = [powerKw / has.powerKw, torqueNm / has.torqueNm];
  return {
    torqueNm,
    powerKw,
    has,
    share: Math.max(byPower, byTorque),
    tighter: byTorque > byPower ? 'torque' : 'power',
  };
}

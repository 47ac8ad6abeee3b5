import { positive } from '../quantity/out-of-range';

export interface SpindleTorque {
  readonly motorNm: number;
  /** What the belt can pull before it slips; null when that is not known. */
  readonly beltNm: number | null;
  readonly torqueNm: number;
  readonly powerKw: number;
  readonly limit: 'motor' | 'belt-slip';
}

/**
 * Torque at the spindle in one step: the smaller of what the motor gives and what
 * the belt can pull. Power in the low steps is set by belt slip, not by the motor.
 *
 * Motor: 9549.3 P eta / n, times the gear efficiency when the back gear is in.
 * Belt: F R x back-gear ratio, R the radius of the spindle-side pulley.
 *
 * @param supplyRatio        drive frequency over rated, at most 1 counts
 * @param efficiency         0.80 direct V-belt, 0.75 flat belt, 0.70 geared head
 * @param belt.pullN         effective pull: one small V-belt 150 to 250 N, flat 5 to 8 N per mm of width
 * @param backGearRatio      1 when it is out
 */
export function spindleTorque(input: {
  readonly motorPowerKw: number;
  readonly supplyRatio?: number;
  readonly efficiency: number;
  readonly rpm: number;
  readonly belt?: { readonly pullN: number; readonly drivenPulleyMm: number } | undefined;
  readonly backGearRatio?: number;
  readonly backGearEfficiency?: number;
}): SpindleTorque {
  const {
    motorPowerKw,
    supplyRatio = 1,
    efficiency,
    rpm,
    belt,
    backGearRatio = 1,
    backGearEfficiency = 0.9,
  } = input;
  const gear = backGearRatio !== 1 ? backGearEfficiency : 1;
  const powerKw =
    positive('motor power', motorPowerKw)
    * Math.min(1, positive('supply ratio', supplyRatio))
    * positive('efficiency', efficiency)
    * gear;
  const perKw = 30_000 / Math.PI / positive('spindle speed', rpm);
  const motorNm = powerKw * perKw;
  const beltNm = belt
    ? (positive('belt pull', belt.pullN)
        * positive('pulley diameter', belt.drivenPulleyMm)
        * backGearRatio
        * gear)
      / 2000
    : null;
  const torqueNm = beltNm === null ? motorNm : Math.min(motorNm, beltNm);
  return {
    motorNm,
    beltNm,
    torqueNm,
    powerKw: torqueNm / perKw,
    limit: beltNm !== null && beltNm < motorNm ? 'belt-slip' : 'motor',
  };
}

import type { BeltDrive, Drive, DriveSpeed } from './drive';
import type { Motor } from './motor';
import { pulleyPitch, stageOptions } from './drive';
import { spindleTorque, type SpindleTorque } from './spindle-torque';

const BACK_GEAR_EFFICIENCY = 0.9;

/**
 * Torque and power at the spindle in one position of a drive: what the motor
 * gives, or what the weakest belt pulls before it slips. A slower motor speed
 * keeps the torque and loses power in proportion.
 *
 * @param speed  the true speed of the position when it is known, rpm
 */
export function driveTorque(
  drive: Drive,
  motor: Motor,
  position: DriveSpeed,
  rpm = position.rpm,
): SpindleTorque {
  const [motorAt = 0, ...at] = position.at;
  const fastest = Math.max(...drive.motorRpm);
  const inGear = drive.stages.some((stage, i) => stage.kind === 'back-gear' && at[i] === 1);
  const common = {
    motorPowerKw: motor.powerKw,
    efficiency: motor.efficiency,
    rpm,
    supplyRatio: (drive.motorRpm[motorAt] ?? fastest) / fastest,
    backGearEfficiency: inGear ? BACK_GEAR_EFFICIENCY : 1,
  };
  const ofMotor = spindleTorque({ ...common, backGearRatio: slowedAfter(drive, at, -1) });
  return drive.stages.reduce((least, stage, i) => {
    if (stage.kind !== 'belt' || stage.pullN === undefined) return least;
    const one = spindleTorque({
      ...common,
      backGearRatio: slowedAfter(drive, at, i),
      belt: { pullN: stage.pullN, drivenPulleyMm: drivenPitchMm(stage, at[i]!) },
    });
    return one.torqueNm < least.torqueNm ? { ...one, motorNm: ofMotor.motorNm } : least;
  }, ofMotor);
}

const TOOTH_PITCH_MM = 5;

function drivenPitchMm(belt: BeltDrive, pair: number): number {
  const { mm } = pulleyPitch(belt, belt.pairs[pair]!.drivenMm);
  return belt.section === 'toothed' ? (mm * TOOTH_PITCH_MM) / Math.PI : mm;
}

/** How many times slower the spindle turns than the driven pulley of a stage, or than the motor for stage -1. */
const slowedAfter = (drive: Drive, at: readonly number[], stage: number): number =>
  drive.stages
    .slice(stage + 1)
    .reduce((slower, one, i) => slower / stageOptions(one)[at[stage + 1 + i]!]!.ratio, 1);

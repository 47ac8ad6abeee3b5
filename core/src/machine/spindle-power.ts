import type { SpeedStep } from './machine';
import type { Motor } from './motor';

export interface SpindlePower {
  readonly torqueNm: number;
  readonly powerKw: number;
  /** A belt slips before the motor gives all it has. */
  readonly beltFirst: boolean;
}

const NM_RPM_PER_KW = 30_000 / Math.PI;

/**
 * Torque and power at the spindle in one step: what its drive was worked out to
 * give, else the motor's power less what is lost, 9549.3 P eta / n.
 *
 * @returns null when neither is known
 */
export function spindlePower(step: SpeedStep, motor: Motor | undefined): SpindlePower | null {
  const ofMotor = motor ? (NM_RPM_PER_KW * motor.powerKw * motor.efficiency) / step.rpm : null;
  const torqueNm = step.torqueNm ?? ofMotor;
  if (torqueNm === null) return null;
  return {
    torqueNm,
    powerKw: (torqueNm * step.rpm) / NM_RPM_PER_KW,
    beltFirst: step.torqueLimit === 'belt-slip',
  };
}

import { spindleTorque } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const spindleTorqueTopic = topic({
  input: z.strictObject({
    motor_power_kW: figure,
    supply_ratio: figure,
    efficiency: figure,
    spindle_rpm: figure,
    belt_pull_N: figure,
    driven_pulley_mm: figure,
    back_gear_ratio: figure,
    back_gear_efficiency: figure,
  }),
  output: z.strictObject({
    torque_motor_Nm: result,
    torque_belt_Nm: result.nullable(),
    torque_Nm: result,
    power_spindle_kW: result,
    limit: z.string(),
  }),
  run: (i) => {
    const r = spindleTorque({
      motorPowerKw: i.motor_power_kW,
      supplyRatio: i.supply_ratio,
      efficiency: i.efficiency,
      rpm: i.spindle_rpm,
      belt: { pullN: i.belt_pull_N, drivenPulleyMm: i.driven_pulley_mm },
      backGearRatio: i.back_gear_ratio,
      backGearEfficiency: i.back_gear_efficiency,
    });
    return {
      torque_motor_Nm: r.motorNm,
      torque_belt_Nm: r.beltNm,
      torque_Nm: r.torqueNm,
      power_spindle_kW: r.powerKw,
      limit: r.limit,
    };
  },
});

import { turningForce } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { edgeOf, metalOf } from './kienzle';
import { figure, result, forceOperation } from './schema';
import { topic } from './topic';

export const kienzleTurningTopic = topic({
  input: z.strictObject({
    kc11_N_mm2: figure,
    mc: figure,
    rake_deg: figure,
    rake0_deg: figure,
    speed_exponent: figure,
    wear_land_mm: figure,
    operation: forceOperation,
    depth_mm: figure,
    feed_mm_rev: figure,
    approach_deg: figure,
    nose_radius_mm: figure,
    diameter_mm: figure,
    speed_m_min: figure,
    efficiency: figure,
  }),
  output: z.strictObject({
    chip_thickness_mm: result,
    k_rake: result,
    k_speed: result,
    k_wear: result,
    k_operation: result,
    kc_N_mm2: result,
    Fc_N: result,
    Ff_N: result,
    Fp_N: result,
    torque_Nm: result,
    power_spindle_kW: result,
    power_motor_kW: result,
  }),
  run: (i) => {
    const r = turningForce(metalOf(i), edgeOf(i), i.operation, {
      depthMm: i.depth_mm,
      feedMmRev: i.feed_mm_rev,
      approachDeg: i.approach_deg,
      noseRadiusMm: i.nose_radius_mm,
      diameterMm: i.diameter_mm,
      speedMPerMin: i.speed_m_min,
    });
    return {
      chip_thickness_mm: r.chipMm,
      k_rake: r.kRake,
      k_speed: r.kSpeed,
      k_wear: r.kWear,
      k_operation: r.kOperation,
      kc_N_mm2: r.kc,
      Fc_N: r.fcN,
      Ff_N: r.ffN,
      Fp_N: r.fpN,
      torque_Nm: r.torqueNm,
      power_spindle_kW: r.powerKw,
      power_motor_kW: r.powerKw / i.efficiency,
    };
  },
});

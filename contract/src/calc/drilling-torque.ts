import { drillingForce } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { edgeOf, metalOf } from './kienzle';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const drillingTorqueTopic = topic({
  input: z.strictObject({
    kc11_N_mm2: figure,
    mc: figure,
    rake_deg: figure,
    rake0_deg: figure,
    speed_exponent: figure,
    wear_land_mm: figure,
    diameter_mm: figure,
    pilot_mm: figure,
    feed_mm_rev: figure,
    speed_rpm: figure,
    point_angle_deg: figure,
    point: oneOf(['plain', 'thinned']),
    efficiency: figure,
  }),
  output: z.strictObject({
    vc_m_min: result,
    chip_thickness_mm: result,
    kc_N_mm2: result,
    torque_Nm: result,
    thrust_N: result,
    power_spindle_kW: result,
    power_motor_kW: result,
  }),
  run: (i) => {
    const r = drillingForce(metalOf(i), edgeOf(i), {
      diameterMm: i.diameter_mm,
      pilotMm: i.pilot_mm,
      feedMmRev: i.feed_mm_rev,
      rpm: i.speed_rpm,
      pointAngleDeg: i.point_angle_deg,
      point: i.point,
    });
    return {
      vc_m_min: r.speedMPerMin,
      chip_thickness_mm: r.chipMm,
      kc_N_mm2: r.kc,
      torque_Nm: r.torqueNm,
      thrust_N: r.thrustN,
      power_spindle_kW: r.powerKw,
      power_motor_kW: r.powerKw / i.efficiency,
    };
  },
});

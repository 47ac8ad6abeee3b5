import { depthByPower } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { edgeOf, metalOf } from './kienzle';
import { figure, result, forceOperation } from './schema';
import { topic } from './topic';

export const depthFromPowerTopic = topic({
  input: z.strictObject({
    kc11_N_mm2: figure,
    mc: figure,
    rake_deg: figure,
    rake0_deg: figure,
    speed_exponent: figure,
    wear_land_mm: figure,
    operation: forceOperation,
    feed_mm_rev: figure,
    approach_deg: figure,
    speed_m_min: figure,
    diameter_mm: figure,
    power_spindle_kW: figure,
    torque_Nm: figure,
  }),
  output: z.strictObject({
    kc_N_mm2: result,
    depth_power_mm: result,
    depth_torque_mm: result,
    depth_max_mm: result,
    limit: z.string(),
  }),
  run: (i) => {
    const r = depthByPower(
      metalOf(i),
      edgeOf(i),
      i.operation,
      {
        feedMmRev: i.feed_mm_rev,
        approachDeg: i.approach_deg,
        diameterMm: i.diameter_mm,
        speedMPerMin: i.speed_m_min,
      },
      { powerKw: i.power_spindle_kW, torqueNm: i.torque_Nm },
    );
    return {
      kc_N_mm2: r.kc,
      depth_power_mm: r.powerMm,
      depth_torque_mm: r.torqueMm,
      depth_max_mm: r.mm,
      limit: r.limit,
    };
  },
});

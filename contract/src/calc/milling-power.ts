import { millingForce } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { edgeOf, metalOf } from './kienzle';
import { figure, oneOf, whole, result } from './schema';
import { topic } from './topic';

export const millingPowerTopic = topic({
  input: z.strictObject({
    kc11_N_mm2: figure,
    mc: figure,
    rake_deg: figure,
    rake0_deg: figure,
    speed_exponent: figure,
    wear_land_mm: figure,
    cutter_diameter_mm: figure,
    ae_mm: figure,
    ap_mm: figure,
    teeth: whole(1, 1000),
    fz_mm: figure,
    speed_rpm: figure,
    approach_deg: figure,
    position: oneOf(['side', 'centred']),
    efficiency: figure,
  }),
  output: z.strictObject({
    vc_m_min: result,
    engagement_deg: result,
    teeth_in_cut_mean: result,
    h_mean_mm: result,
    kc_N_mm2: result,
    table_feed_mm_min: result,
    removal_cm3_min: result,
    power_mean_kW: result,
    Ft_peak_N: result,
    power_peak_kW: result,
    torque_peak_Nm: result,
    power_motor_kW: result,
  }),
  run: (i) => {
    const r = millingForce(metalOf(i), edgeOf(i), {
      diameterMm: i.cutter_diameter_mm,
      aeMm: i.ae_mm,
      apMm: i.ap_mm,
      teeth: i.teeth,
      fzMm: i.fz_mm,
      rpm: i.speed_rpm,
      approachDeg: i.approach_deg,
      position: i.position,
    });
    return {
      vc_m_min: r.speedMPerMin,
      engagement_deg: r.engagementDeg,
      teeth_in_cut_mean: r.teethInCut,
      h_mean_mm: r.meanChipMm,
      kc_N_mm2: r.kc,
      table_feed_mm_min: r.feedMmMin,
      removal_cm3_min: r.removalCm3Min,
      power_mean_kW: r.powerKw,
      Ft_peak_N: r.peakN,
      power_peak_kW: r.peakPowerKw,
      torque_peak_Nm: r.peakTorqueNm,
      power_motor_kW: r.powerKw / i.efficiency,
    };
  },
});

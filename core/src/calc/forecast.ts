import * as index from '../index';
import * as forecast from '../forecast';
import type { Topics, Values } from './values';

const core = { ...index, ...forecast };
const metalOf = (i: Values): forecast.ForceConstants => ({
  kc11: i.kc11_N_mm2,
  mc: i.mc,
  rake0Deg: i.rake0_deg,
  speedExponent: i.speed_exponent,
});
const edgeOf = (i: Values): forecast.ForceEdge => ({ rakeDeg: i.rake_deg, wearLandMm: i.wear_land_mm });
const breakerOf = (i: Values): forecast.ChipBreaker =>
  i.breaker === 'step'
    ? { kind: 'step', distanceMm: i.step_distance_mm, heightMm: i.step_height_mm }
    : i.breaker === 'groove'
      ? { kind: 'groove', widthMm: i.groove_width_mm, depthMm: i.groove_depth_mm, landMm: i.land_mm }
      : { kind: 'none' };

function turning(i: Values): Values {
  const r = core.turningPlan({
    metal: core.material(i.material),
    edge: core.toolMaterial(i.tool),
    school: i.school,
    backOffThird: i.back_off_third,
    factors: i.factors,
    diameterMm: i.diameter_mm,
    depthWantedMm: i.depth_wanted_mm,
    noseRadiusMm: i.nose_radius_mm,
    approachDeg: i.approach_deg,
    rakeDeg: i.rake_deg,
    cornerDeg: i.corner_deg,
    edgeLengthMm: i.edge_length_mm,
    condition: i.machine_class,
    rpmMin: i.rpm_min,
    rpmMax: i.rpm_max,
    powerKw: i.power_spindle_kW,
    torqueNm: i.torque_Nm,
    raWantedUm: i.ra_wanted_um,
    lengthMm: i.length_mm,
    positionMm: i.position_mm,
    support: i.support,
    diameterErrorAllowedMm: i.diameter_error_allowed_mm,
  });
  return {
    speed_wanted_m_min: r.speedWantedMPerMin,
    speed_m_min: r.speed.start,
    rpm: r.rpm,
    speed_governing: r.speed.governing,
    speed_heat_m_min: r.speedHeatMPerMin,
    below_useful_speed: r.belowUseful,
    feed_low_mm_rev: r.feed.low,
    feed_high_mm_rev: r.feed.high,
    feed_mm_rev: r.feed.start,
    feed_governing: r.feedGoverning,
    feed_status: r.feed.status,
    depth_power_mm: r.depthPowerMm,
    depth_torque_mm: r.depthTorqueMm,
    depth_deflection_mm: r.depthDeflectionMm,
    depth_mm: r.depth.start,
    depth_governing: r.depth.governing,
    power_spindle_kW: r.powerKw,
    governing: r.governing,
  };
}

/** What a cut will do, and the way to size. */
export const FORECAST_TOPICS: Topics = {
  'kienzle-turning': (i) => {
    const r = core.turningForce(metalOf(i), edgeOf(i), i.operation, {
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
  'milling-power': (i) => {
    const r = core.millingForce(metalOf(i), edgeOf(i), {
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
  'drilling-torque': (i) => {
    const r = core.drillingForce(metalOf(i), edgeOf(i), {
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
  'depth-from-power': (i) => {
    const r = core.depthByPower(
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
  'work-deflection': (i) => {
    const r = core.workDeflection(
      i.support,
      i.E_GPa,
      i.diameter_mm,
      i.bore_mm,
      i.length_mm,
      i.position_mm,
      i.radial_force_N,
    );
    return {
      I_mm4: r.inertiaMm4,
      deflection_mm: r.deflectionMm,
      diameter_error_mm: r.diameterErrorMm,
      length_over_diameter: r.slenderness,
      allowable_length_over_diameter: r.allowable,
      over_allowable: r.overAllowable,
    };
  },
  'bar-deflection': (i) => {
    const r = core.barDeflection(
      i.bar_material,
      i.bar_diameter_mm,
      i.overhang_mm,
      i.radial_force_N,
      i.tangential_force_N,
    );
    return {
      deflection_radial_mm: r.radialMm,
      deflection_tangential_mm: r.tangentialMm,
      diameter_error_mm: r.diameterErrorMm,
      overhang_over_diameter: r.overhangRatio,
      allowable_overhang_over_diameter: r.allowable,
      over_allowable: r.overAllowable,
    };
  },
  'end-mill-deflection': (i) => ({
    deflection_mm: core.endMillDeflection(
      core.toolMaterial(i.tool).family,
      i.cutter_diameter_mm,
      i.shank_diameter_mm,
      i.flute_length_mm,
      i.stick_out_mm,
      i.force_N,
    ),
    stick_out_over_diameter: i.stick_out_mm / i.cutter_diameter_mm,
  }),
  'ideal-roughness': (i) => {
    const r = core.idealRoughness(i.feed_mm_rev, i.nose_radius_mm, i.approach_deg, i.end_edge_deg);
    return { Rt_um: r.rtUm, Ra_um: r.raUm, regime: r.regime };
  },
  'min-chip': (i) => {
    const r = core.minChipRoughness(i.feed_mm_rev, i.nose_radius_mm, i.edge_radius_um, i.finish_chip_ratio);
    return {
      h_finish_mm: r.chipMm,
      Rt_um: r.rtUm,
      Ra_um: r.raUm,
      feed_best_mm_rev: r.bestFeedMmRev,
      Rt_best_um: r.bestRtUm,
      finer_feed_is_worse: r.finerIsWorse,
    };
  },
  'realistic-roughness': (i) => {
    const kBue = core.builtUpEdgeFactor(
      { level: i.bue_level, zoneMPerMin: [i.bue_low_m_min, i.bue_high_m_min] },
      i.speed_m_min,
      i.fluid,
      i.rake_deg,
    );
    const kMachine = core.machineFinishFactor(i.machine_class);
    const { raUm } = core.minChipRoughness(
      i.feed_mm_rev,
      i.nose_radius_mm,
      i.edge_radius_um,
      i.finish_chip_ratio,
    );
    return { k_bue: kBue, k_machine: kMachine, Ra_min_chip_um: raUm, Ra_um: raUm * kBue * kMachine };
  },
  'feed-for-roughness': (i) => {
    const r = core.feedForRoughness(
      i.Ra_um,
      i.nose_radius_mm,
      i.edge_radius_um,
      i.finish_factor,
      i.finish_chip_ratio,
    );
    return {
      feed_ideal_mm_rev: r.idealMmRev,
      feed_mm_rev: r.feedMmRev,
      reachable: r.reachable,
      Ra_best_um: r.bestRaUm,
    };
  },
  'milling-roughness': (i) => {
    const r = core.millingRoughness(
      i.kind,
      i.cutter_diameter_mm,
      i.fz_mm,
      i.teeth,
      i.nose_radius_mm,
      i.dish_deg,
    );
    return { Rt_tooth_um: r.everyToothUm, Rt_rev_um: r.oneToothUm };
  },
  'interface-temperature': (i) => {
    const r = core.interfaceHeat(
      i.kc_N_mm2,
      { rhoCJMm3K: i.rhoc_J_mm3K, kWMK: i.k_W_mK, coefficient: i.coefficient },
      i.speed_m_min,
      i.chip_thickness_mm,
      i.ambient_C,
      i.fluid,
    );
    const margin = (key: string): number => core.toolMaterial(key).hotLimitC - r.interfaceC;
    return {
      diffusivity_mm2_s: r.diffusivityMm2S,
      rise_K: r.riseK,
      interface_C: r.interfaceC,
      chip_body_C: r.chipBodyC,
      margin_carbon_steel_K: margin('carbon-steel'),
      margin_hss_K: margin('hss'),
      margin_hss_co_K: margin('hss-co'),
      margin_carbide_uncoated_K: margin('carbide-uncoated'),
      margin_carbide_coated_K: margin('carbide-coated'),
    };
  },
  'chip-colour': (i) => {
    const r = core.oxideColour(core.material(i.material), i.table, i.temperature_C, i.flooded);
    return {
      applies: r !== null,
      colour: r?.colour ?? null,
      low_C: r?.lowC ?? null,
      high_C: r?.highC ?? null,
    };
  },
  'chip-form': (i) => {
    const r = core.chipForm(
      {
        depthMm: i.depth_mm,
        feedMmRev: i.feed_mm_rev,
        noseRadiusMm: i.nose_radius_mm,
        approachDeg: i.approach_deg,
        rakeDeg: i.rake_deg,
        chipRatio: i.chip_ratio,
        breakStrain: i.break_strain,
        fluid: i.fluid,
      },
      breakerOf(i),
    );
    return {
      edge_length_mm: r.edgeMm,
      h_mean_mm: r.meanChipMm,
      chip_ratio_effective: r.ratio,
      chip_thickness_mm: r.thicknessMm,
      contact_mm: r.contactMm,
      curl_natural_mm: r.naturalCurlMm,
      curl_forced_mm: r.forcedCurlMm,
      curl_mm: r.curlMm,
      crowded: r.crowded,
      chip_strain: r.strain,
      break_index: r.breakIndex,
      flow_angle_deg: r.flowDeg,
      class: r.chip,
      possible: r.possible,
      breaks: r.breaks,
    };
  },
  'governing-limit': (i) => {
    const r = core.governingLimit(i.uppers, i.lowers, i.wanted);
    return {
      low: r.low,
      high: r.high,
      start: r.start,
      governing: r.governing,
      conflict_with: r.conflictWith,
      status: r.status,
    };
  },
  'turning-plan': turning,
  'shaper-feed': (i) => {
    const r = core.shaperFeed(
      i.feed_per_stroke_mm,
      i.width_mm,
      i.strokes_per_min,
      i.overrun_mm,
      i.pawl_step_mm,
    );
    return {
      ratchet_teeth: r.ratchetTeeth ?? undefined,
      feed_per_stroke_mm: r.feedMm,
      strokes: r.strokes,
      time_min: r.minutes,
    };
  },
  'pass-plan': (i) => {
    const r = core.passPlan(
      i.start_diameter_mm,
      i.target_diameter_mm,
      i.max_depth_mm,
      i.finish_depth_mm,
      i.finish_passes,
      i.skin_depth_mm,
    );
    return {
      stock_radial_mm: r.stockRadialMm,
      passes: r.depthsMm.length,
      depths_mm: r.depthsMm,
      diameters_mm: r.diametersMm,
      skin_not_cleared: r.skinNotCleared,
    };
  },
  'measure-correct': (i) => {
    const r = core.measureCorrect(
      i.start_diameter_mm,
      i.measured_diameter_mm,
      i.dial_total_mm,
      i.target_diameter_mm,
      i.removed_before_mm,
    );
    return {
      removed_radial_mm: r.removedRadialMm,
      deflection_ratio: r.deflectionRatio,
      still_sprung_mm: r.stillSprungMm,
      left_radial_mm: r.leftRadialMm,
      touch_off_wrong: r.touchOffWrong,
      oversize_cut: r.oversizeCut,
      next_advance_mm: r.nextAdvanceMm,
      spring_pass_removes_mm: r.springPassRemovesMm,
    };
  },
  'area-coverage': (i) => {
    const r = core.areaPlan({
      lengthMm: i.length_mm,
      widthMm: i.width_mm,
      cutterMm: i.cutter_diameter_mm,
      stepoverMm: i.stepover_mm,
      feedMmMin: i.feed_rate_mm_min,
      clearanceMm: i.clearance_mm,
      pattern: i.pattern,
      returnMmMin: i.return_mm_min,
      ends: i.ends,
      changeS: i.change_s,
    });
    return {
      passes: r.passes,
      actual_stepover_mm: r.stepoverMm,
      travel_per_pass_mm: r.travelMm,
      cutting_path_mm: r.pathMm,
      time_min: r.minutes,
    };
  },
  'tailstock-turns': (i) => {
    const r = core.tailstockTurns(
      i.full_depth_mm,
      i.diameter_mm,
      i.point_angle_deg,
      i.travel_per_turn_mm,
      i.divisions,
    );
    return {
      travel_mm: r.travelMm,
      turns: r.turns,
      whole_turns: r.wholeTurns,
      turn_rest: r.rest,
      extra_divisions: r.extraDivisions ?? undefined,
    };
  },
};

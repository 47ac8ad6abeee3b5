import * as core from '../index';
import type {
  DrillGroup,
  EffectiveCutter,
  FactorName,
  MachineCondition,
  RungRule,
  Shortcut,
  SpeedOperation,
  SpeedSchool,
  Unit,
} from '../index';
import type { Topics, Values } from './values';

const metal = (input: Values) => core.material(input.material);
const edge = (input: Values) => core.toolMaterial(input.tool);

const chip = (c: core.ChipSection) => ({
  chip_width_mm: c.widthMm,
  mean_chip_mm: c.meanMm,
  max_chip_mm: c.maxMm,
  mean_entering_angle_deg: c.meanEnteringAngleDeg,
});

function effectiveCutter(i: Values): EffectiveCutter {
  return {
    cutter: i.cutter,
    diameterMm: i.diameter_mm,
    depthMm: i.depth_mm,
    tiltDeg: i.tilt_deg,
    cornerRadiusMm: i.corner_radius_mm,
    tipDiameterMm: i.tip_diameter_mm,
    includedAngleDeg: i.included_angle_deg,
    contactDiametersMm: i.contact_diameters_mm,
  };
}

function rotatingCutter(i: Values): Values {
  const c = core.toothChip(i.diameter_mm, i.width_mm, i.feed_per_tooth_mm, i.placement, i.entering_angle_deg);
  return {
    engagement_angle_deg: c.engagementAngleDeg,
    max_chip_mm: c.maxChipMm,
    mean_chip_mm: c.meanChipMm,
    feed_per_tooth_for_chip_mm:
      i.wanted_chip_mm === undefined
        ? undefined
        : core.feedForChip(
            i.wanted_chip_mm,
            i.target ?? 'max',
            i.diameter_mm,
            i.width_mm,
            i.placement,
            i.entering_angle_deg,
          ),
  };
}

/** Quantities, speeds, feeds and factors of a cut. */
export const CUT_TOPICS: Topics = {
  'unit-conversion': (i) => ({ value: core.convert(i.value, i.from_unit as Unit, i.to_unit as Unit) }),
  'drill-size': (i) => {
    const d = core.drillSize(i.designation);
    return d.status === 'ok'
      ? { status: 'ok', diameter_in: d.diameterIn, diameter_mm: d.diameterMm }
      : { status: 'refused', reason: d.reason };
  },
  'length-entry': (i) => {
    const r = core.readLength(i.text, i.default_unit, i.field);
    if (r.status === 'ok') return { status: 'ok', value_mm: r.valueMm, read_as: r.readAs };
    return r.status === 'ambiguous'
      ? { status: 'ambiguous', candidates_mm: r.candidatesMm }
      : { status: 'refused', reason: r.reason };
  },
  'spindle-speed': (i) => ({
    spindle_speed_rpm: core.spindleSpeed(
      i.cutting_speed_m_min ?? core.convert(i.cutting_speed_sfm, 'sfm', 'm/min'),
      i.diameter_mm ?? core.convert(i.diameter_in, 'in', 'mm'),
    ),
  }),
  'surface-speed': (i) => {
    const v = core.surfaceSpeed(i.spindle_speed_rpm, i.diameter_mm);
    return { cutting_speed_m_min: v, cutting_speed_sfm: core.convert(v, 'm/min', 'sfm') };
  },
  'shop-constant': (i) => {
    const r = core.shopShortcut(i.school as Shortcut, i.cutting_speed, i.diameter);
    return { shortcut_rpm: r.shortcutRpm, exact_rpm: r.exactRpm, error_percent: r.errorPercent };
  },
  'effective-diameter': (i) => ({ effective_diameter_mm: core.effectiveDiameter(effectiveCutter(i)) }),
  'facing-speed': (i) => {
    const r = core.facingSpeed({
      rpm: i.spindle_speed_rpm,
      outerDiameterMm: i.outer_diameter_mm,
      innerDiameterMm: i.inner_diameter_mm,
      targetMPerMin: i.target_m_min,
      fraction: i.fraction,
      feedMmRev: i.feed_mm_rev,
    });
    return {
      rim_speed_m_min: r.rimSpeedMPerMin,
      inner_speed_m_min: r.innerSpeedMPerMin,
      radius_below_mm: r.radiusBelowMm,
      path_fraction_below: r.pathFractionBelow,
      area_fraction_below: r.areaFractionBelow,
      time_s: r.timeS,
    };
  },
  'step-up': (i) => {
    const r = core.stepUp(
      i.rungs_rpm,
      i.target_m_min,
      i.overshoot_percent,
      i.start_diameter_mm,
      i.end_diameter_mm,
    );
    return {
      start_rpm: r.startRpm,
      too_fast_at_start: r.tooFastAtStart,
      changes: r.changes.map((c) => ({ diameter_mm: c.diameterMm, spindle_speed_rpm: c.rpm })),
    };
  },
  'taper-speed': (i) => {
    const r = core.taperSpeed(i.spindle_speed_rpm, i.large_diameter_mm, i.small_diameter_mm);
    return {
      speed_large_m_min: r.largeMPerMin,
      speed_small_m_min: r.smallMPerMin,
      speed_mean_m_min: r.meanMPerMin,
      speed_ratio: r.ratio,
    };
  },
  'diameter-window': (i) => {
    const r = core.diameterWindow(i.rpm_min, i.rpm_max, i.speed_low_m_min, i.speed_high_m_min);
    return { diameter_min_mm: r.diameterMinMm, diameter_max_mm: r.diameterMaxMm };
  },
  'rung-choice': (i) => {
    const r = core.chooseRung(i.rungs_rpm, i.target_rpm, i.rule as RungRule, i.overshoot_percent);
    return {
      chosen_rpm: r.chosenRpm,
      ratio: r.ratio,
      below_rpm: r.belowRpm,
      above_rpm: r.aboveRpm,
      machine_too_fast: r.machineTooFast,
      machine_too_slow: r.machineTooSlow,
    };
  },
  'speed-series': (i) => {
    const r = core.speedSeries(i.rungs_rpm, i.gap_limit);
    return {
      mean_ratio: r.meanRatio,
      worst_deviation_percent: r.worstDeviationPercent,
      largest_gap_ratio: r.largestGapRatio,
      largest_gap_rpm: r.largestGapRpm,
      worst_speed_loss_percent: r.worstSpeedLossPercent,
      gaps_over_limit: r.gapsOverLimit,
    };
  },
  'feed-rate': (i) => {
    const feed = i.feed_mm_rev ?? core.feedPerTurn(i.feed_per_tooth_mm, i.teeth);
    return { feed_rate_mm_min: core.feedRate(feed, i.spindle_speed_rpm), feed_mm_rev: feed };
  },
  'chip-thinning': rotatingCutter,
  'entering-angle': (i) =>
    chip(
      i.round_insert_diameter_mm === undefined
        ? core.straightEdgeChip(i.feed_mm_rev, i.depth_mm, i.entering_angle_deg)
        : core.roundInsertChip(i.feed_mm_rev, i.depth_mm, i.round_insert_diameter_mm),
    ),
  'drill-feed': (i) => ({
    feed_mm_rev: core.drillFeedByTable(i.diameter_mm, i.group as DrillGroup, i.hand_fed),
  }),
  'slitting-saw': (i) => {
    const r = core.slittingSaw(i.diameter_mm, i.teeth, i.depth_mm, i.feed_per_tooth_mm);
    return {
      engagement_angle_deg: r.engagementAngleDeg,
      teeth_in_cut: r.teethInCut,
      max_chip_mm: r.maxChipMm,
      mean_chip_mm: r.meanChipMm,
      feed_rate_mm_min: core.feedRate(core.feedPerTurn(i.feed_per_tooth_mm, i.teeth), i.spindle_speed_rpm),
    };
  },
  'hand-feed': (i) => {
    const r = core.handFeed(i.feed_rate_mm_min, i.travel_per_turn_mm, i.divisions);
    return {
      seconds_per_turn: r.secondsPerTurn,
      turns_per_min: r.turnsPerMin,
      divisions_per_second: r.divisionsPerSecond,
      divisions_per_beat: i.beat_s === undefined ? undefined : core.divisionsPerBeat(r, i.beat_s),
      beat_s: i.divisions_per_beat === undefined ? undefined : core.beatForDivisions(r, i.divisions_per_beat),
    };
  },
  'dial-reading': (i) => {
    const dial = {
      travelPerTurnMm: i.travel_per_turn_mm,
      divisions: i.divisions,
      reads: i.dial_reads ?? 'radius',
      backlashMm: i.backlash_mm ?? 0,
    };
    const r = core.dialReading(dial, i.travel_mm, i.start_division, i.reverses);
    return {
      division_marked_mm: r.divisionMarkedMm,
      total_divisions: r.totalDivisions,
      whole_turns: r.wholeTurns,
      extra_divisions: r.extraDivisions,
      end_division: r.endDivision,
      diameter_change_mm: r.diameterChangeMm,
    };
  },
  'drill-point': (i) => ({ point_length_mm: core.drillPoint(i.diameter_mm, i.point_angle_deg, i.web_mm) }),
  'cut-time': (i) => {
    const r = core.cutTime({
      lengthMm: i.length_mm,
      feedRateMmMin: i.feed_rate_mm_min ?? core.feedRate(i.feed_mm_rev, i.spindle_speed_rpm),
      approachMm: i.approach_mm,
      overrunMm: i.overrun_mm,
      passes: i.passes,
      betweenS: i.between_s,
    });
    return { time_per_pass_s: r.perPassS, time_total_s: r.totalS };
  },
  'speed-range': (i) => {
    const r = core.speedRange(
      metal(i),
      edge(i),
      i.operation as SpeedOperation,
      i.school as SpeedSchool,
      i.back_off_third,
    );
    return {
      low_m_min: r.lowMPerMin,
      high_m_min: r.highMPerMin,
      start_m_min: r.startMPerMin,
      least_useful_m_min: r.leastUsefulMPerMin,
    };
  },
  'factor-chain': (i) => {
    const r = core.factorChain(metal(i), edge(i), i.factors as FactorName[]);
    return {
      speed_raw: r.speedRaw,
      feed_raw: r.feedRaw,
      depth_raw: r.depthRaw,
      speed_factor: r.speedFactor,
      feed_factor: r.feedFactor,
      depth_factor: r.depthFactor,
    };
  },
  'feed-limits-turning': (i) => {
    const r = core.turningFeedLimits({
      noseRadiusMm: i.nose_radius_mm,
      depthMm: i.depth_mm,
      approachDeg: i.approach_deg,
      cornerDeg: i.corner_deg,
      condition: i.machine_class as MachineCondition,
      edgeRadiusUm: i.edge_radius_um,
      minChipRatio: i.min_chip_ratio,
    });
    return {
      h_min_mm: r.hMinMm,
      feed_nose_mm_rev: r.feedNoseMmRev,
      feed_upper_mm_rev: r.feedUpperMmRev,
      feed_lower_mm_rev: r.feedLowerMmRev,
      upper_limit: r.upperLimit,
      depth_floor_mm: r.depthFloorMm,
      depth_preferred_min_mm: r.depthPreferredMinMm,
    };
  },
  'feed-per-tooth': (i) => ({
    fz_mm: core.feedPerTooth(metal(i), edge(i), i.cutter, i.cutter_diameter_mm, i.cutter_width_mm),
  }),
  'drill-feed-start': (i) => {
    const r = core.drillFeed(metal(i), i.diameter_mm);
    return { feed_mm_rev: r.feedMmRev, feed_low_mm_rev: r.lowMmRev, feed_high_mm_rev: r.highMmRev };
  },
  'radial-chip-thinning': (i) => {
    const r = core.radialThinning(i.cutter_diameter_mm, i.ae_mm, i.fz_mm, i.compensation_cap);
    return { h_max_mm: r.hMaxMm, compensation: r.compensation, fz_compensated_mm: r.fzCompensatedMm };
  },
};

import { dialTurns } from '../machine/dial';
import { compoundFeed, offsetHead, tailstockSetover, taperFrom } from '../setting/taper';
import { centreHeight, centreRule, heightDiameterError } from '../setting/centre-height';
import { threadDepth, threadInfeed, threadWires } from '../setting/thread';
import type { Topics } from './values';

/** Tapers, threads, dials and the height of the nose. */
export const SETTING_TOPICS: Topics = {
  'taper-setover': (i) => {
    const r = tailstockSetover(i.large_dia_mm, i.small_dia_mm, i.taper_length_mm, i.work_length_mm);
    return {
      half_angle_deg: r.halfDeg,
      setover_mm: r.setoverMm,
      setover_simple_mm: r.simpleMm,
      over_limit: r.overLimit,
    };
  },
  'taper-convert': (i) => {
    const r = taperFrom(i.kind, i.value);
    return {
      taper_per_mm: r.perMm,
      taper_per_foot_in: r.perFootIn,
      one_to_x: r.oneTo,
      half_angle_deg: r.halfDeg,
      included_angle_deg: r.includedDeg,
    };
  },
  'offset-head-taper': (i) => {
    const r = offsetHead(i.half_angle_deg, i.work_length_mm, i.head_roll_deg, i.tool_x_mm, i.z_mm);
    return {
      offset_mm: r.offsetMm,
      lateral_mm: r.lateralMm,
      height_mm: r.heightMm,
      radius_mm: r.radiusMm,
      radius_ideal_mm: r.idealMm,
      diameter_error_mm: r.diameterErrorMm,
    };
  },
  'compound-feed': (i) => {
    const r = compoundFeed(i.angle_from_axis_deg, i.advance_mm);
    return { radial_mm: r.radialMm, diameter_change_mm: r.diameterChangeMm, axial_mm: r.axialMm };
  },
  'thread-depth': (i) => {
    const r = threadDepth(i.form, i.pitch_mm, i.major_mm, i.nose_flat_mm, i.nose_radius_mm);
    return {
      H_mm: r.sharpMm,
      depth_mm: r.depthMm,
      root_dia_mm: r.rootMm,
      pitch_dia_mm: r.pitchDiameterMm,
      minor_internal_mm: r.minorInsideMm,
      minor_external_mm: r.minorOutsideMm,
    };
  },
  'thread-infeed': (i) => {
    const r = threadInfeed(
      i.depth_mm,
      i.nose_flat_mm,
      i.thread_angle_deg,
      i.compound_angle_deg,
      i.passes === null || i.passes === undefined ? { firstMm: i.first_pass_mm } : { passes: i.passes },
    );
    return {
      passes: r.passes,
      cumulative_radial_mm: r.radialMm,
      compound_reading_mm: r.compoundMm,
      last_infeed_mm: r.lastMm,
      trailing_shave_mm: r.trailingShaveMm,
    };
  },
  'three-wire': (i) => {
    const r = threadWires(i.form, i.pitch_mm, i.pitch_dia_mm, i.wire_mm, i.starts, i.reading_mm);
    return {
      best_wire_mm: r.bestMm,
      over_wires_mm: r.overMm,
      lead_correction_mm: r.leadMm,
      over_wires_corrected_mm: r.overCorrectedMm,
      pitch_dia_from_reading_mm: r.pitchDiameterFromReadingMm,
    };
  },
  'centre-height': (i) => {
    const r = centreHeight(i.kind, i.height_error_mm, i.diameter_mm, i.back_rake_deg, i.front_clearance_deg);
    return {
      delta_deg: r.deltaDeg,
      back_rake_eff_deg: r.backRakeDeg,
      front_clearance_eff_deg: r.frontClearanceDeg,
    };
  },
  'diameter-error': (i) => {
    const r = heightDiameterError(
      i.kind,
      i.slide_radius_mm,
      i.height_error_mm,
      i.measured_diameter_mm,
      i.infeed_mm,
    );
    return {
      cut_diameter_mm: r.cutMm,
      diameter_error_mm: r.errorMm,
      next_diameter_mm: r.nextMm,
      step_error_mm: r.stepErrorMm,
      facing_pip_diameter_mm: r.pipMm,
    };
  },
  'centre-rule': (i) => {
    const r = centreRule(
      i.height_error_mm,
      i.diameter_mm,
      i.rule_thickness_mm,
      i.rule_length_above_mm,
      i.eye_deg,
    );
    return { lean_deg: r.leanDeg, top_offset_mm: r.topOffsetMm, smallest_seen_error_mm: r.smallestSeenMm };
  },
  'dial-turns': (i) => {
    const r = dialTurns(i.screw_pitch_mm, i.dial_divisions, i.move_mm, i.move_on, i.dial_reads);
    return {
      turns: r.turns,
      full_turns: r.fullTurns,
      divisions_exact: r.divisionsExact,
      division_line: r.divisionLine,
      travel_per_division_mm: r.travelPerDivisionMm,
      marked_per_division_mm: r.markedPerDivisionMm,
      rounding_error_um: r.roundingErrorUm,
    };
  },
};

import * as index from '../index';
import * as drive from '../drive';
import type { Topics, Values } from './values';

const core = { ...index, ...drive };

const gearTrain = (i: Values): drive.GearTrain => ({
  driversTeeth: i.drivers_teeth,
  drivenTeeth: i.driven_teeth,
});
const measured = (value: number, u?: number): drive.Measured => ({ value, u });

function combined(i: Values): Values {
  const r = core.combineMeasures(
    i.relative_speeds,
    i.measures.map((m: Values) => ({ step: m.step, rpm: m.rpm, uRel: m.u_rel })),
    i.flag_limit,
  );
  return {
    rpm: r.rpm,
    u_rel: r.uRel,
    standardised_residuals: r.standardisedResiduals,
    chi_square: r.chiSquare,
    flagged_measure: r.flaggedMeasure,
    measures_disagree: r.measuresDisagree,
    rpm_without_flagged: r.withoutFlagged?.rpm,
    u_rel_without_flagged: r.withoutFlagged?.uRel,
  };
}

function moves(i: Values): Values {
  const r = core.beltMoves(
    i.positions,
    i.operations.map((o: Values) => ({
      id: o.id,
      rpmMin: o.rpm_min,
      rpmMax: o.rpm_max,
      after: o.after ?? [],
    })),
    i.costs,
    i.start ?? null,
  );
  return r.feasible
    ? { feasible: true, total_cost: r.totalCost, position_changes: r.positionChanges }
    : { feasible: false, impossible: r.impossible };
}

/** The drive of a machine, its true speeds, its change gears and the fewest moves between its steps. */
export const MACHINE_TOPICS: Topics = {
  'pitch-diameter': (i) => {
    const r = core.pitchDiameter(i.outside_diameter_mm, i.section, i.thickness_mm, i.u_outside_mm);
    return { pitch_diameter_mm: r.mm, u_mm: r.uMm };
  },
  'belt-table': (i) => {
    const stages = i.stages.map((stage: Values) => ({
      driverMm: stage.driver_mm,
      drivenMm: stage.driven_mm,
    }));
    const r = core.beltTable(i.motor_rpm, stages, i.slip_percent, i.back_gear && gearTrain(i.back_gear));
    return { direct_rpm: r.directRpm, back_gear_rpm: r.backGearRpm ?? undefined };
  },
  'belt-table-from-one': (i) => {
    const r = core.beltTableFromOne(
      { driverMm: i.driver_mm, drivenMm: i.driven_mm },
      i.measured_step,
      i.measured_rpm,
      i.u_measured_rel,
      i.u_diameter_mm,
    );
    return { rpm: r.rpm, u_rel: r.uRel };
  },
  'friction-wheel': (i) => {
    const r = core.frictionWheel({
      wheelMm: measured(i.wheel_diameter_mm, i.u_wheel_mm),
      workMm: measured(i.work_diameter_mm, i.u_work_mm),
      turns: measured(i.wheel_turns, i.u_turns),
      timeS: measured(i.time_s, i.u_time_s),
      slipPercent: measured(i.slip_percent ?? 0, i.u_slip_percent),
    });
    return { spindle_speed_rpm: r.rpm, u_rel: r.uRel, rim_speed_m_min: r.rimSpeedMPerMin };
  },
  'back-gear-count': (i) => {
    const r = core.backGearCount(measured(i.turns, i.u_turns), measured(i.time_s, i.u_time_s), gearTrain(i));
    return { slow_rpm: r.slowRpm, reduction: r.reduction, direct_rpm: r.directRpm, u_rel: r.uRel };
  },
  'pulse-tachometer': (i) => {
    const r = core.pulseTachometer(i.mode, i.pulses, i.time_s, i.pulses_per_turn, i.u_clock_rel, i.jitter_s);
    return { spindle_speed_rpm: r.rpm, u_rel: r.uRel };
  },
  'tap-timing': (i) => {
    const r = core.tapTiming(i.tap_times_s, i.turns_per_tap);
    return {
      spindle_speed_rpm: r?.rpm,
      u_rel: r?.uRel,
      doubles_dropped: r?.doublesDropped,
      missed_taps: r?.missedTaps,
      outliers_dropped: r?.outliersDropped,
    };
  },
  'combine-measures': combined,
  'change-gears': (i) => {
    const pitch = core.threadPitch(
      i.leadscrew_pitch_mm,
      { drivers: i.drivers, driven: i.driven },
      i.fixed_ratio,
    );
    const ppm = i.wanted_pitch_mm === undefined ? undefined : core.pitchErrorPpm(pitch, i.wanted_pitch_mm);
    return {
      pitch_mm: pitch,
      threads_per_inch: 25.4 / pitch,
      error_ppm: ppm,
      error_um_per_100_mm: ppm === undefined ? undefined : ppm / 10,
    };
  },
  'change-gear-search': (i) => {
    const r = core.changeGearSearch(i.leadscrew_pitch_mm, i.gears, i.wanted_pitch_mm, {
      maxPairs: i.max_pairs,
      fixedRatio: i.fixed_ratio,
    });
    return { pitch_mm: r.pitchMm, error_ppm: r.errorPpm, pairs: r.drivers.length };
  },
  'belt-moves': moves,
  'shaper-speed': (i) => {
    const r = core.shaperSpeed(
      i.strokes_per_min,
      i.stroke_length_mm,
      i.return_ratio,
      i.drive,
      i.max_stroke_mm,
    );
    return {
      effective_return_ratio: r.effectiveReturnRatio,
      mean_cutting_speed_m_min: r.meanCuttingMPerMin,
      peak_cutting_speed_m_min: r.peakCuttingMPerMin,
      mean_return_speed_m_min: r.meanReturnMPerMin,
    };
  },
  'shaper-strokes': (i) => ({
    strokes_per_min: core.shaperStrokes(
      i.cutting_speed_m_min,
      i.stroke_length_mm,
      i.return_ratio,
      i.basis,
      i.drive,
    ),
  }),
  'spindle-torque': (i) => {
    const r = core.spindleTorque({
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
};

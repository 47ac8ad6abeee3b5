import { FACTOR_NAMES, MATERIALS, SHORTCUTS, TOOL_MATERIALS } from '@pike-stone/core';
import * as z from 'zod';
import { cutChoice } from './cut';
import { machineBody } from './machine';
import { metalBody } from './metal';
import { rulesBody } from './rules';
import { stockBody } from './stock';
import { toolBody } from './tool';

/**
 * Inputs of every topic of `POST /api/calc/{topic}`, one line each: a `?` may be
 * left out, alternatives stand on either side of a bar. The unit is in the key.
 */
const KIENZLE = 'kc11_N_mm2 mc rake_deg rake0_deg speed_exponent wear_land_mm';
const INPUTS = {
  'unit-conversion': 'value from_unit to_unit',
  'drill-size': 'designation',
  'length-entry': 'text default_unit field?',
  'spindle-speed': 'cutting_speed_m_min diameter_mm | cutting_speed_sfm diameter_in',
  'surface-speed': 'spindle_speed_rpm diameter_mm',
  'shop-constant': 'school cutting_speed diameter',
  'effective-diameter':
    'cutter diameter_mm? depth_mm? tilt_deg? corner_radius_mm? tip_diameter_mm? included_angle_deg? contact_diameters_mm?',
  'facing-speed': 'spindle_speed_rpm outer_diameter_mm target_m_min fraction inner_diameter_mm? feed_mm_rev?',
  'step-up': 'rungs_rpm target_m_min overshoot_percent start_diameter_mm end_diameter_mm',
  'taper-speed': 'spindle_speed_rpm large_diameter_mm small_diameter_mm',
  'diameter-window': 'rpm_min rpm_max speed_low_m_min speed_high_m_min',
  'shaper-speed': 'strokes_per_min stroke_length_mm return_ratio drive? max_stroke_mm?',
  'shaper-strokes': 'cutting_speed_m_min stroke_length_mm return_ratio basis? drive?',
  'rung-choice': 'rungs_rpm target_rpm rule? overshoot_percent?',
  'speed-series': 'rungs_rpm gap_limit?',
  'pitch-diameter': 'outside_diameter_mm section thickness_mm? u_outside_mm?',
  'belt-table': 'motor_rpm stages slip_percent? back_gear?',
  'belt-table-from-one': 'driver_mm driven_mm measured_step measured_rpm u_measured_rel u_diameter_mm',
  'friction-wheel':
    'wheel_diameter_mm work_diameter_mm wheel_turns time_s slip_percent? u_wheel_mm? u_work_mm? u_turns? u_time_s? u_slip_percent?',
  'back-gear-count': 'turns time_s drivers_teeth driven_teeth u_turns? u_time_s?',
  'pulse-tachometer': 'pulses time_s pulses_per_turn mode u_clock_rel? jitter_s?',
  'tap-timing': 'tap_times_s turns_per_tap?',
  'combine-measures': 'relative_speeds measures flag_limit?',
  'change-gears': 'leadscrew_pitch_mm drivers driven fixed_ratio? wanted_pitch_mm?',
  'change-gear-search': 'leadscrew_pitch_mm gears wanted_pitch_mm max_pairs? fixed_ratio?',
  'belt-moves': 'positions operations costs start?',
  'spindle-torque':
    'motor_power_kW supply_ratio efficiency spindle_rpm belt_pull_N driven_pulley_mm back_gear_ratio back_gear_efficiency',
  'feed-rate': 'spindle_speed_rpm feed_mm_rev | spindle_speed_rpm feed_per_tooth_mm teeth',
  'chip-thinning':
    'diameter_mm width_mm feed_per_tooth_mm placement? entering_angle_deg? wanted_chip_mm? target?',
  'entering-angle': 'feed_mm_rev depth_mm entering_angle_deg | feed_mm_rev depth_mm round_insert_diameter_mm',
  'drill-feed': 'diameter_mm group hand_fed?',
  'slitting-saw': 'diameter_mm teeth depth_mm feed_per_tooth_mm spindle_speed_rpm',
  'hand-feed': 'feed_rate_mm_min travel_per_turn_mm divisions beat_s? divisions_per_beat?',
  'shaper-feed': 'feed_per_stroke_mm width_mm strokes_per_min overrun_mm? pawl_step_mm?',
  'pass-plan':
    'start_diameter_mm target_diameter_mm max_depth_mm finish_depth_mm finish_passes? skin_depth_mm?',
  'dial-reading': 'travel_mm travel_per_turn_mm divisions dial_reads? start_division? backlash_mm? reverses?',
  'measure-correct':
    'start_diameter_mm measured_diameter_mm dial_total_mm target_diameter_mm removed_before_mm?',
  'area-coverage':
    'length_mm width_mm cutter_diameter_mm stepover_mm feed_rate_mm_min clearance_mm? pattern? return_mm_min? ends? change_s?',
  'drill-point': 'diameter_mm point_angle_deg web_mm?',
  'tailstock-turns': 'full_depth_mm diameter_mm point_angle_deg travel_per_turn_mm divisions?',
  'cut-time':
    'length_mm feed_mm_rev spindle_speed_rpm approach_mm? overrun_mm? between_s? passes? | length_mm feed_rate_mm_min approach_mm? overrun_mm? between_s? passes?',
  'speed-range': 'material tool operation:speed school:start back_off_third?',
  'factor-chain': 'material tool factors',
  'feed-limits-turning':
    'nose_radius_mm depth_mm approach_deg corner_deg machine_class edge_radius_um min_chip_ratio',
  'feed-per-tooth': 'material tool cutter:use cutter_diameter_mm cutter_width_mm',
  'drill-feed-start': 'material diameter_mm',
  'radial-chip-thinning': 'cutter_diameter_mm ae_mm fz_mm compensation_cap',
  'kienzle-turning': `${KIENZLE} operation:force depth_mm feed_mm_rev approach_deg nose_radius_mm diameter_mm speed_m_min efficiency`,
  'milling-power': `${KIENZLE} cutter_diameter_mm ae_mm ap_mm teeth fz_mm speed_rpm approach_deg position efficiency`,
  'drilling-torque': `${KIENZLE} diameter_mm pilot_mm feed_mm_rev speed_rpm point_angle_deg point efficiency`,
  'depth-from-power': `${KIENZLE} operation:force feed_mm_rev approach_deg speed_m_min diameter_mm power_spindle_kW torque_Nm`,
  'work-deflection': 'support E_GPa diameter_mm bore_mm length_mm position_mm radial_force_N',
  'bar-deflection': 'bar_material bar_diameter_mm overhang_mm radial_force_N tangential_force_N',
  'end-mill-deflection': 'tool cutter_diameter_mm shank_diameter_mm flute_length_mm stick_out_mm force_N',
  'ideal-roughness': 'feed_mm_rev nose_radius_mm approach_deg end_edge_deg',
  'min-chip': 'feed_mm_rev nose_radius_mm edge_radius_um finish_chip_ratio',
  'realistic-roughness':
    'feed_mm_rev nose_radius_mm edge_radius_um finish_chip_ratio bue_level bue_low_m_min bue_high_m_min speed_m_min fluid rake_deg machine_class',
  'feed-for-roughness': 'Ra_um nose_radius_mm edge_radius_um finish_chip_ratio finish_factor',
  'milling-roughness': 'kind:marks cutter_diameter_mm fz_mm teeth nose_radius_mm dish_deg',
  'interface-temperature':
    'kc_N_mm2 rhoc_J_mm3K k_W_mK speed_m_min chip_thickness_mm ambient_C coefficient fluid',
  'chip-colour': 'material table temperature_C flooded',
  'chip-form':
    'depth_mm feed_mm_rev nose_radius_mm approach_deg rake_deg chip_ratio break_strain fluid breaker step_distance_mm? step_height_mm? groove_width_mm? groove_depth_mm? land_mm?',
  'governing-limit': 'uppers lowers wanted',
  'turning-plan':
    'material tool school:start back_off_third factors diameter_mm depth_wanted_mm nose_radius_mm approach_deg rake_deg corner_deg edge_length_mm machine_class rpm_min rpm_max power_spindle_kW torque_Nm ra_wanted_um length_mm position_mm support diameter_error_allowed_mm',
  'taper-setover': 'large_dia_mm small_dia_mm taper_length_mm work_length_mm',
  'taper-convert': 'kind:taper value',
  'offset-head-taper': 'half_angle_deg work_length_mm head_roll_deg tool_x_mm z_mm',
  'compound-feed': 'angle_from_axis_deg advance_mm',
  'thread-depth': 'form pitch_mm major_mm nose_flat_mm nose_radius_mm',
  'thread-infeed': 'depth_mm nose_flat_mm thread_angle_deg compound_angle_deg passes first_pass_mm',
  'three-wire': 'form pitch_mm pitch_dia_mm wire_mm starts? reading_mm?',
  'centre-height': 'kind:side height_error_mm diameter_mm back_rake_deg front_clearance_deg',
  'diameter-error': 'kind:side slide_radius_mm height_error_mm measured_diameter_mm infeed_mm',
  'centre-rule': 'height_error_mm diameter_mm rule_thickness_mm rule_length_above_mm eye_deg',
  'dial-turns': 'screw_pitch_mm dial_divisions move_mm move_on dial_reads',
} as const;

const MOST = 1e6;
const figure = z
  .number({ error: 'Must be a number.' })
  .min(-MOST, `Must not be below ${-MOST}.`)
  .max(MOST, `Must not be above ${MOST}.`);
const figures = (most: number) =>
  z.array(figure).min(1, 'Give at least one.').max(most, `No more than ${most}.`);
const one = (values: readonly string[]) =>
  z.enum(values as [string, ...string[]], { error: `One of: ${values.join(', ')}.` });
const yesNo = z.boolean({ error: 'true or false.' });
const whole = (low: number, high: number) =>
  z
    .number({ error: 'Must be a number.' })
    .int('Must be whole.')
    .min(low, `Must be ${low} at least.`)
    .max(high, `Must be ${high} at most.`);
const short = z.string({ error: 'Must be text.' }).max(80, 'No more than 80 characters.');
const gears = z.array(whole(1, 1000)).min(1, 'Give at least one.').max(40, 'No more than 40.');
const limits = z.array(z.object({ name: short, value: figure.nullable() })).max(20, 'No more than 20.');

/** What a key means wherever it stands; every other key is a figure. */
const KEYS: Readonly<Record<string, z.ZodType>> = {
  from_unit: short,
  to_unit: short,
  designation: short,
  text: short,
  default_unit: one(['mm', 'in']),
  field: one(['diameter', 'drill']),
  school: one(Object.keys(SHORTCUTS)),
  'school:start': one(['bottom', 'middle', 'top']),
  cutter: one(['ball', 'corner-radius', 'chamfer', 'form']),
  'cutter:use': short,
  contact_diameters_mm: figures(200),
  rungs_rpm: figures(200),
  rule: one(['not-above', 'overshoot', 'nearest']),
  drive: one(['crank', 'constant']),
  basis: one(['mean', 'peak']),
  section: short,
  stages: z
    .array(z.object({ driver_mm: figures(12), driven_mm: figures(12) }))
    .min(1)
    .max(4),
  back_gear: z.object({ drivers_teeth: gears, driven_teeth: gears }),
  driver_mm: figures(40),
  driven_mm: figures(40),
  measured_step: whole(0, 40),
  drivers_teeth: gears,
  driven_teeth: gears,
  drivers: gears,
  driven: gears,
  gears,
  pulses: whole(1, 1e6),
  mode: one(['gate', 'period']),
  tap_times_s: figures(2000),
  relative_speeds: figures(200),
  measures: z
    .array(z.object({ step: whole(0, 199), rpm: figure, u_rel: figure }))
    .min(1)
    .max(100),
  max_pairs: whole(1, 2),
  positions: z
    .array(z.object({ id: short, rpm: figure, settings: z.record(short, z.union([short, figure])) }))
    .min(1)
    .max(30, 'No more than 30.'),
  operations: z
    .array(
      z.object({ id: short, rpm_min: figure, rpm_max: figure, after: z.array(short).max(12).optional() }),
    )
    .min(1)
    .max(12, 'No more than 12.'),
  costs: z.record(short, figure),
  start: short.nullable(),
  placement: one(['edge', 'centred']),
  target: one(['max', 'mean']),
  group: short,
  hand_fed: yesNo,
  teeth: whole(1, 1000),
  dial_reads: one(['radius', 'diameter']),
  move_on: one(['radius', 'diameter']),
  reverses: yesNo,
  finish_passes: whole(0, 20),
  passes: whole(1, 200).nullable(),
  first_pass_mm: figure.nullable(),
  pattern: one(['one-way', 'both-ways']),
  ends: one(['cutter-clears', 'centre-clears']),
  starts: whole(1, 12),
  material: one(MATERIALS.map(({ key }) => key)),
  tool: one(TOOL_MATERIALS.map(({ key }) => key)),
  'operation:speed': one(['turning', 'milling', 'drilling', 'reaming', 'parting', 'threading']),
  back_off_third: yesNo,
  factors: z.array(one(FACTOR_NAMES)).max(20),
  machine_class: one(['rigid', 'ordinary', 'tired']),
  'operation:force': one(['turn-outside', 'face', 'bore', 'part', 'groove', 'shape', 'mill', 'drill']),
  position: one(['side', 'centred']),
  point: one(['plain', 'thinned']),
  support: one(['chuck', 'chuck-and-centre', 'between-centres']),
  bar_material: one(['steel', 'heavy-metal', 'carbide']),
  bue_level: whole(0, 3),
  fluid: yesNo,
  'kind:marks': one(['peripheral', 'face-nose', 'end-dish']),
  table: one(['temper', 'chip']),
  flooded: yesNo,
  breaker: one(['none', 'step', 'groove']),
  uppers: limits,
  lowers: limits,
  ra_wanted_um: figure.nullable(),
  'kind:taper': one([
    'half-angle-deg',
    'included-angle-deg',
    'taper-per-foot-in',
    'taper-per-mm',
    'one-to-x',
  ]),
  form: one(['iso-60', 'form-55']),
  'kind:side': one(['outside', 'bore']),
};

function schemaOf(line: string): z.ZodType {
  const ways = line.split('|').map((way) =>
    z.strictObject(
      Object.fromEntries(
        way
          .trim()
          .split(' ')
          .map((word) => {
            const optional = word.endsWith('?');
            const key = optional ? word.slice(0, -1) : word;
            const schema = KEYS[key] ?? figure;
            // A value that does not matter may be null as well as left out.
            return [
              key.split(':')[0]!,
              optional ? schema.nullish().transform((value) => value ?? undefined) : schema,
            ];
          }),
      ),
    ),
  );
  return ways.length === 1 ? ways[0]! : z.union(ways);
}

/** A whole cut from the records it is made of: nothing is looked up, everything is in the question. */
const wholeCut = z.strictObject({
  machine: machineBody,
  stock: stockBody,
  tool: toolBody,
  metal: metalBody.nullable().optional(),
  rules: rulesBody.optional(),
  cut: cutChoice
    .omit({ machineId: true, stockId: true, toolId: true })
    .partial()
    .required({ operation: true }),
});

export type CalcTopic = keyof typeof INPUTS | 'cut-plan';
export const CALC_INPUTS = {
  ...Object.fromEntries(Object.entries(INPUTS).map(([topic, line]) => [topic, schemaOf(line)])),
  'cut-plan': wholeCut,
} as unknown as Readonly<Record<CalcTopic, z.ZodType>>;
export const CALC_TOPICS = Object.keys(CALC_INPUTS) as CalcTopic[];
export const isCalcTopic = (topic: string): topic is CalcTopic => Object.hasOwn(CALC_INPUTS, topic);
export type WholeCut = z.infer<typeof wholeCut>;

export const calcAnswer = z.object({ topic: z.string(), result: z.record(z.string(), z.unknown()) });
export const calcList = z.object({ topics: z.array(z.string()) });

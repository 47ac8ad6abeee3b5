import { OutOfRange, atLeast, positive, within } from '../quantity/out-of-range';
import { reduction, type GearTrain } from './belt-table';
import type { DrivePosition } from './belt-moves';
import { pitchDiameter, type BeltSection } from './pitch-diameter';
import { wholeOver } from '../quantity/whole';

/**
 * One belt between two cones; outside diameters as the caliper finds them, mm
 * (toothed belts: tooth counts). Pair i of the driver faces pair i of the driven.
 *
 * ```
 *   driven, on the next shaft    ▂▂ ▅▅ ██
 *   belt                            ||
 *   driver, nearer the motor     ██ ▅▅ ▂▂
 * ```
 */
export interface BeltDrive {
  readonly kind: 'belt';
  readonly name: string;
  readonly section: BeltSection | 'toothed';
  /** Of a flat or round belt. */
  readonly thicknessMm?: number | undefined;
  readonly slipPercent: number;
  /** What it pulls before it slips, N; left out when not known. */
  readonly pullN?: number | undefined;
  readonly pairs: readonly { readonly driverMm: number; readonly drivenMm: number }[];
}

/** A lever of a geared head: each position a pair of gears. */
export interface GearLever {
  readonly kind: 'lever';
  readonly name: string;
  readonly positions: readonly {
    readonly name: string;
    readonly driverTeeth: number;
    readonly drivenTeeth: number;
  }[];
}

/** Gears that slow the spindle when they are put in. */
export interface BackGear extends GearTrain {
  readonly kind: 'back-gear';
}

/** A variable pulley: any ratio from the slowest to the fastest, set by a hand wheel while it runs. */
export interface VariableDrive {
  readonly kind: 'variable';
  readonly name: string;
  /** Output speed over input speed. */
  readonly slowest: number;
  readonly fastest: number;
}

export type DriveStage = BeltDrive | GearLever | BackGear | VariableDrive;

/** What turns the spindle, from the motor on. */
export interface Drive {
  /** Under load, one for each speed of the motor: 1425 or 1440 (4-pole, 50 Hz), 1725 (60 Hz). */
  readonly motorRpm: readonly number[];
  readonly stages: readonly DriveStage[];
}

/** One way to set the whole drive. */
export interface DriveSpeed extends DrivePosition {
  /** The option taken in the motor (first) and in each stage, from 0. */
  readonly at: readonly number[];
  /** Relative standard uncertainty of the whole ratio from motor to spindle. */
  readonly uRatioRel: number;
  /** Relative standard uncertainty of the computed speed. */
  readonly uRel: number;
}

/** Nominal motor speed against the true one under load. */
const U_MOTOR_REL = 0.02;
const U_SLIP_REL = 0.005;
/** Speeds of a variable drive stand this far apart on the ladder (R20), or further where the range is wide. */
const VARIABLE_STEP = 1.12;
const MOST_MARKS = 13;
const MOST_POSITIONS = 60;

/** One setting of a part: turns out for one turn in, of the motor its speed, and how surely that is known. */
export interface StageOption {
  readonly ratio: number;
  readonly uRel: number;
}

const isToothed = (belt: BeltDrive): boolean => belt.section === 'toothed';

/** Pitch diameter of one pulley of a belt, mm; of a toothed pulley its teeth. */
export function pulleyPitch(belt: BeltDrive, outside: number): { readonly mm: number; readonly uMm: number } {
  return belt.section === 'toothed'
    ? { mm: positive('teeth', outside), uMm: 0 }
    : pitchDiameter(outside, belt.section, belt.thicknessMm);
}

function beltOptions(belt: BeltDrive): StageOption[] {
  const grip = 1 - within('slip', belt.slipPercent, 0, 50) / 100;
  return belt.pairs.map((pair) => {
    const [driver, driven] = [pulleyPitch(belt, pair.driverMm), pulleyPitch(belt, pair.drivenMm)];
    const uRel = Math.hypot(driver.uMm / driver.mm, driven.uMm / driven.mm, isToothed(belt) ? 0 : U_SLIP_REL);
    return { ratio: (driver.mm / driven.mm) * grip, uRel };
  });
}

function variableOptions({ slowest, fastest }: VariableDrive): StageOption[] {
  positive('slowest ratio', slowest);
  if (!(fastest > slowest)) throw new OutOfRange('fastest ratio', fastest, slowest);
  const marks = Math.min(MOST_MARKS, wholeOver(Math.log(fastest / slowest) / Math.log(VARIABLE_STEP)));
  return Array.from({ length: marks + 1 }, (_, i) => ({
    ratio: slowest * (fastest / slowest) ** (i / marks),
    uRel: 0,
  }));
}

/** Everything one part of the drive can be set to: a belt's pairs, a lever's positions, gears out then in. */
export function stageOptions(stage: DriveStage): readonly StageOption[] {
  switch (stage.kind) {
    case 'belt':
      return beltOptions(stage);
    case 'lever':
      return stage.positions.map(({ driverTeeth, drivenTeeth }) => ({
        ratio: positive('teeth', driverTeeth) / positive('teeth', drivenTeeth),
        uRel: 0,
      }));
    case 'back-gear':
      return [
        { ratio: 1, uRel: 0 },
        { ratio: 1 / reduction(stage), uRel: 0 },
      ];
    case 'variable':
      return variableOptions(stage);
  }
}

/**
 * Every speed of a drive, in the order of its parts: n = motor x product of all
 * ratios, each belt less its slip. u_rel^2 = u_motor^2 + sum of (u_d/d)^2 + sum
 * of u_slip^2; gears are exact.
 *
 * @throws RangeError for a pulley smaller than its groove, a gear without teeth,
 *   no parts, or more than 60 speeds
 */
export function driveSpeeds({ motorRpm, stages }: Drive): readonly DriveSpeed[] {
  atLeast('belts and gears', stages, 1);
  const motors = motorRpm.map((rpm): StageOption => ({ ratio: positive('motor speed', rpm), uRel: 0 }));
  const parts = [motors, ...stages.map(stageOptions)];
  const total = parts.reduce((count, options) => count * options.length, 1);
  if (total > MOST_POSITIONS) throw new OutOfRange('number of speeds', total, 1, MOST_POSITIONS);
  let ways: { at: number[]; ratio: number; u2: number }[] = [{ at: [], ratio: 1, u2: 0 }];
  for (const options of parts)
    ways = ways.flatMap((way) =>
      options.map((option, i) => ({
        at: [...way.at, i],
        ratio: way.ratio * option.ratio,
        u2: way.u2 + option.uRel ** 2,
      })),
    );
  const names = ['motor', ...stages.keys()].map(String);
  return ways.map(({ at, ratio, u2 }) => ({
    id: at.join('-'),
    at,
    rpm: ratio,
    settings: Object.fromEntries(at.map((option, part) => [names[part]!, option])),
    uRatioRel: Math.sqrt(u2),
    uRel: Math.hypot(U_MOTOR_REL, Math.sqrt(u2)),
  }));
}

/** Costs of a change in points: a belt is slackened and moved, a gear shifted, a switch or a hand wheel turned. */
export const CHANGE_COSTS = { belt: 3, gear: 1, switch: 0.2 } as const;

/** What changing each setting of a drive costs, by the names its positions use. */
export function changeCosts(
  { stages }: Drive,
  costs: { readonly belt: number; readonly gear: number; readonly switch: number } = CHANGE_COSTS,
): Record<string, number> {
  const ofStage = (stage: DriveStage): number =>
    stage.kind === 'belt' ? costs.belt : stage.kind === 'variable' ? costs.switch : costs.gear;
  return {
    motor: costs.switch,
    ...Object.fromEntries(stages.map((stage, i) => [String(i), ofStage(stage)])),
  };
}

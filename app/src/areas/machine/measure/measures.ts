import type { MachineBody } from '@pike-stone/contract';
import type { MeasureWay } from '@pike-stone/core';
import {
  combineMeasures,
  driveSpeeds,
  measuresOf,
  speedTable,
  type CombinedSpeeds,
  type Drive,
  type PositionMeasure,
} from '@pike-stone/core/drive';
import { settingWords } from '@pike-stone/words/drive';
import { create } from 'zustand';
import { keptHere } from '../../../sync/kept-here';

/** One measure of one step, taken on this visit to the machine. */
export interface TakenMeasure {
  readonly step: number;
  readonly rpm: number;
  readonly uRel: number;
  readonly how: MeasureWay;
}

interface Measures {
  readonly taken: Readonly<Record<string, readonly TakenMeasure[]>>;
  add(machineId: string, measure: TakenMeasure): void;
  remove(machineId: string, index: number): void;
  clear(machineId: string): void;
}

/** Measures that were not applied to the machine yet; they survive a reload. */
export const useMeasures = create<Measures>()(
  keptHere(
    (set) => ({
      taken: {},
      add: (id, measure) =>
        set(({ taken }) => ({ taken: { ...taken, [id]: [...(taken[id] ?? []), measure] } })),
      remove: (id, index) =>
        set(({ taken }) => ({ taken: { ...taken, [id]: (taken[id] ?? []).filter((_, i) => i !== index) } })),
      clear: (id) =>
        set(({ taken }) => ({
          taken: Object.fromEntries(Object.entries(taken).filter(([one]) => one !== id)),
        })),
    }),
    { name: 'pike-measures' },
  ),
);

/** Least relative uncertainty of a measured speed, because the speed itself moves with load. */
const LEAST_U_REL = 0.002;
const FAR = 1.3;

export const surely = (uRel: number): number => Math.max(uRel, LEAST_U_REL);

/** Input of the least-squares fit: the ratios of the steps, and the measures of each. */
export interface FitQuestion {
  readonly relative: readonly number[];
  readonly measures: readonly { readonly step: number; readonly rpm: number; readonly uRel: number }[];
  /** Index in `measures` of the first one of this visit; the ones before it are stored with the machine. */
  readonly firstTaken: number;
}

/** Ratios from the pulleys and earlier measures when the drive is known; else those of the listed speeds. */
export function fitQuestion(machine: MachineBody, taken: readonly TakenMeasure[]): FitQuestion {
  const { drive } = machine;
  if (!drive) return { relative: machine.speeds.map((step) => step.rpm), measures: taken, firstTaken: 0 };
  const positions = driveSpeeds(drive);
  const kept = keptBeside(machine, taken);
  const inDrive = (measure: { readonly position: string; readonly rpm: number; readonly uRel: number }) => {
    const step = positions.findIndex(({ id }) => id === measure.position);
    return { step, rpm: measure.rpm, uRel: Math.hypot(measure.uRel, positions[step]!.uRatioRel) };
  };
  return {
    relative: positions.map(({ rpm }) => rpm),
    measures: [...kept, ...atPositions(machine, taken, '')].map(inDrive),
    firstTaken: kept.length,
  };
}

/** Stored measures of steps that were not measured again on this visit. */
const keptBeside = (machine: MachineBody, taken: readonly TakenMeasure[]): PositionMeasure[] => {
  const known = new Set(machine.drive ? driveSpeeds(machine.drive).map(({ id }) => id) : []);
  return measuresOf(machine.speeds.filter((_, i) => !taken.some(({ step }) => step === i))).filter(
    ({ position }) => known.has(position),
  );
};

const atPositions = (machine: MachineBody, taken: readonly TakenMeasure[], on: string): PositionMeasure[] =>
  taken.flatMap(({ step, rpm, uRel, how }) => {
    const position = machine.speeds[step]?.position;
    return position === undefined ? [] : [{ position, rpm, uRel, how, on }];
  });

/** Measured speed over the table's, when they differ so much that another step may be set; else null. */
export function farFromTable(
  machine: MachineBody,
  { step, rpm }: Pick<TakenMeasure, 'step' | 'rpm'>,
): number | null {
  const times = rpm / (machine.speeds[step]?.rpm ?? rpm);
  return Math.max(times, 1 / times) > FAR ? times : null;
}

const toRpm = (rpm: number): number => Number(rpm.toPrecision(4));

/** The machine with the measured speeds of its measured steps; the other steps stay as they are. */
export function withMeasuredSteps(
  machine: MachineBody,
  taken: readonly TakenMeasure[],
  on: string,
): MachineBody {
  const speeds = machine.speeds.map((step, i) => {
    const own = taken.filter((measure) => measure.step === i);
    if (own.length === 0) return step;
    const { rpm, uRel } = combineMeasures(
      [1],
      own.map((measure) => ({ ...measure, step: 0 })),
    );
    return {
      ...step,
      rpm: toRpm(rpm[0]!),
      computed: undefined,
      measured: { how: own.at(-1)!.how, uRel, on },
    };
  });
  return { ...machine, speeds: [...speeds].sort((a, b) => a.rpm - b.rpm) };
}

/** The machine with all speeds fitted to the measures; measured steps are marked as measured. */
export function withAllSteps(
  machine: MachineBody,
  taken: readonly TakenMeasure[],
  on: string,
  { rpm, uRel }: CombinedSpeeds,
): MachineBody {
  return {
    ...machine,
    speeds: machine.speeds.map((step, i) => {
      const own = taken.find((measure) => measure.step === i);
      return {
        setting: step.setting,
        rpm: toRpm(rpm[i]!),
        ...(own ? { measured: { how: own.how, uRel, on } } : {}),
      };
    }),
  };
}

/** The machine with the speeds of its drive: measured steps keep the measured figure, the others follow through pulleys and gears. */
export function throughTheDrive(
  machine: MachineBody,
  drive: Drive,
  taken: readonly TakenMeasure[],
  on: string,
): MachineBody {
  const { steps } = speedTable(
    drive,
    [...keptBeside(machine, taken), ...atPositions(machine, taken, on)],
    (position) => settingWords(drive, position),
    machine.motor,
  );
  return { ...machine, speeds: steps.map((step) => ({ ...step })) };
}

import type { DriveBody, MachineBody } from '@pike-stone/contract';
import type { DriveStage, PositionMeasure } from '@pike-stone/core/drive';
import { stageOptions } from '@pike-stone/core/drive';
import { draftsNamed } from '../../../data/drafts';

/** A drive being drawn, and the version of the machine it was begun over. */
export interface DriveDraft {
  readonly version: number;
  readonly name: string;
  readonly drive: DriveBody;
  readonly motor: MachineBody['motor'];
  /** What was measured on this drive as it stands. */
  readonly measures: readonly PositionMeasure[];
}

/** Drives that were begun and not kept. */
export const useDriveDrafts = draftsNamed<DriveDraft>('pike-drive-drafts');

export type StageKind = DriveStage['kind'];
export type StageBody = DriveBody['stages'][number];

/** What each part looks like before anything is measured. */
const FRESH: Readonly<Record<StageKind, StageBody>> = {
  belt: {
    kind: 'belt',
    name: 'Belt',
    section: 'A',
    slipPercent: 1,
    pairs: [
      { driverMm: 60, drivenMm: 130 },
      { driverMm: 95, drivenMm: 95 },
      { driverMm: 130, drivenMm: 60 },
    ],
  },
  lever: {
    kind: 'lever',
    name: 'Lever',
    positions: [
      { name: 'A', driverTeeth: 30, drivenTeeth: 60 },
      { name: 'B', driverTeeth: 45, drivenTeeth: 45 },
    ],
  },
  'back-gear': { kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72, 76] },
  variable: { kind: 'variable', name: 'Dial', slowest: 0.4, fastest: 2.4 },
};

/** A machine nobody has measured yet: one motor, one belt; a shaper's crank turns far slower, behind its bull gear. */
export const FRESH_DRIVE: DriveBody = { motorRpm: [1425], stages: [FRESH.belt] };
const FRESH_SHAPER: DriveBody = {
  motorRpm: [1425],
  stages: [
    FRESH.belt,
    {
      kind: 'lever',
      name: 'Gear',
      positions: [
        { name: 'A', driverTeeth: 20, drivenTeeth: 60 },
        { name: 'B', driverTeeth: 32, drivenTeeth: 48 },
      ],
    },
    { kind: 'lever', name: 'Bull gear', positions: [{ name: 'in', driverTeeth: 15, drivenTeeth: 150 }] },
  ],
};
export const freshDrive = (kind: MachineBody['kind']): DriveBody =>
  kind === 'shaper' ? FRESH_SHAPER : FRESH_DRIVE;

/** Two parts of one kind must be told apart in the speed table. */
function named(stage: StageBody, others: readonly StageBody[]): StageBody {
  if (stage.kind === 'back-gear') return stage;
  const taken = new Set(others.flatMap((one) => (one.kind === 'back-gear' ? [] : [one.name])));
  for (let n = 1; ; n += 1) {
    const name = n === 1 ? stage.name : `${stage.name} ${'ABCDEFGH'[n - 1] ?? n}`;
    if (!taken.has(name)) return { ...stage, name };
  }
}

export const withPart = (drive: DriveBody, stage: number, part: StageBody): DriveBody => ({
  ...drive,
  stages: drive.stages.map((one, i) => (i === stage ? part : one)),
});
export const withoutPart = (drive: DriveBody, stage: number): DriveBody => ({
  ...drive,
  stages: drive.stages.filter((_, i) => i !== stage),
});

/** A new part stands nearest the spindle, before the back gear. */
export function withNewPart(drive: DriveBody, kind: StageKind): DriveBody {
  const part = named(FRESH[kind], drive.stages);
  const gear = drive.stages.findIndex((one) => one.kind === 'back-gear');
  const at = gear < 0 || kind === 'back-gear' ? drive.stages.length : gear;
  return { ...drive, stages: [...drive.stages.slice(0, at), part, ...drive.stages.slice(at)] };
}

export function withPulley(
  drive: DriveBody,
  stage: number,
  pair: number,
  side: 'driver' | 'driven',
  mm: number,
): DriveBody {
  const belt = drive.stages[stage];
  if (belt?.kind !== 'belt') return drive;
  return withPart(drive, stage, {
    ...belt,
    pairs: belt.pairs.map((one, i) =>
      i === pair ? { ...one, [side === 'driver' ? 'driverMm' : 'drivenMm']: mm } : one,
    ),
  });
}

/** A cone with more or fewer steps; a new step goes on from the last two. */
export function withSteps<Row>(
  rows: readonly Row[],
  count: number,
  next: (last: Row, before: Row | undefined) => Row,
): Row[] {
  const kept = rows.slice(0, count);
  while (kept.length < count) kept.push(next(kept.at(-1)!, kept.at(-2)));
  return kept;
}

const LEAST_MM = 30;
export const nextPair = (
  last: { driverMm: number; drivenMm: number },
  before: typeof last | undefined,
): typeof last => {
  const grow = before ? last.driverMm - before.driverMm : 20;
  const step = Math.max(-last.driverMm + LEAST_MM, Math.min(last.drivenMm - LEAST_MM, grow));
  return { driverMm: last.driverMm + step, drivenMm: last.drivenMm - step };
};

/** The options to look at first: every belt on its middle, gears out. */
export const startingAt = (drive: DriveBody): number[] => [
  0,
  ...drive.stages.map((stage) => (stage.kind === 'belt' ? Math.floor(stage.pairs.length / 2) : 0)),
];

/** What was looked at, in a drive that may have lost parts or steps since. */
export function fittedAt(at: readonly number[], counts: readonly number[]): number[] {
  return counts.map((count, i) => Math.min(at[i] ?? 0, count - 1));
}

/** Two drives of the same shape have the same positions; what was measured on one holds for the other. */
export const shapeOf = ({ motorRpm, stages }: DriveBody): string =>
  [motorRpm.length, ...stages.map((stage) => `${stage.kind}${stageOptions(stage).length}`)].join(' ');

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
  /** Measured speeds that belong to this drive. */
  readonly measures: readonly PositionMeasure[];
}

/** Drives that were begun and not stored yet. */
export const useDriveDrafts = draftsNamed<DriveDraft>('pike-drive-drafts');

export type StageKind = DriveStage['kind'];
export type StageBody = DriveBody['stages'][number];

/** Usual sizes of each part, before anything is measured. */
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

/** The drive a new machine starts with: one motor and one belt, and a bull gear on a shaper, whose crank turns slowly. */
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

/** The part with a name that no other part has, by which the speed table tells them apart. */
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

/** Adds a part at the spindle's end, before the back gear. */
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

/** Gives a cone more or fewer steps; a new step continues from the last two. */
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

/** Options shown first: every belt on its middle step, gears out. */
export const startingAt = (drive: DriveBody): number[] => [
  0,
  ...drive.stages.map((stage) => (stage.kind === 'belt' ? Math.floor(stage.pairs.length / 2) : 0)),
];

/** Keeps the chosen options within a drive that may have fewer parts or steps now. */
export function fittedAt(at: readonly number[], counts: readonly number[]): number[] {
  return counts.map((count, i) => Math.min(at[i] ?? 0, count - 1));
}

/** A text that is the same for two drives with the same positions: measured speeds of one then hold for the other. */
export const shapeOf = ({ motorRpm, stages }: DriveBody): string =>
  [motorRpm.length, ...stages.map((stage) => `${stage.kind}${stageOptions(stage).length}`)].join(' ');

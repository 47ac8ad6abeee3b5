import { combineMeasures, type CombinedSpeeds } from './combine-measures';
import { driveSpeeds, type Drive, type DriveSpeed } from './drive';
import { driveTorque } from './drive-torque';
import type { SpeedMeasured, SpeedStep } from './machine';
import type { Motor } from './motor';

/** A measure of one position of a drive. */
export interface PositionMeasure extends SpeedMeasured {
  /** Position of the drive, by its id. */
  readonly position: string;
  readonly rpm: number;
}

export interface SpeedTable {
  /** Ascending, as the machine keeps them. */
  readonly steps: readonly SpeedStep[];
  readonly positions: readonly DriveSpeed[];
  /** All measures together, in the order given; null without any. */
  readonly combined: CombinedSpeeds | null;
}

const SAME = 1e-3;
const rounded = (rpm: number): number => Number(rpm.toPrecision(4));

/**
 * The whole speed table of a drive. Without a measure every step is computed from
 * the motor; one measure moves all of them by what it found, several by least
 * squares, the ratios coming from pulleys and gears. A step that was measured
 * itself keeps its own figure. Two settings of the same speed make one step.
 *
 * @param nameOf  what a position is called on this machine
 * @param motor   when it is known, every step carries the torque it gives
 */
export function speedTable(
  drive: Drive,
  measures: readonly PositionMeasure[],
  nameOf: (position: DriveSpeed) => string,
  motor?: Motor,
): SpeedTable {
  const positions = driveSpeeds(drive);
  const index = new Map(positions.map(({ id }, i) => [id, i]));
  const relative = positions.map(({ rpm }) => rpm);
  const ofStep = measures.flatMap(({ position, rpm, uRel }) => {
    const step = index.get(position);
    return step === undefined ? [] : [{ step, rpm, uRel: Math.hypot(uRel, positions[step]!.uRatioRel) }];
  });
  const combined = ofStep.length > 0 ? combineMeasures(relative, ofStep) : null;
  const steps = positions.map((position, i): SpeedStep => {
    const own = measures.filter((measure) => measure.position === position.id);
    const base = { setting: nameOf(position), position: position.id };
    if (own.length === 0) {
      return {
        ...base,
        rpm: rounded(combined?.rpm[i] ?? position.rpm),
        computed: { uRel: combined ? Math.hypot(combined.uRel, position.uRatioRel) : position.uRel },
      };
    }
    const together = combineMeasures(
      [1],
      own.map(({ rpm, uRel }) => ({ step: 0, rpm, uRel })),
    );
    const last = own.at(-1)!;
    return {
      ...base,
      rpm: rounded(together.rpm[0]!),
      measured: { how: last.how, on: last.on, uRel: together.uRel },
    };
  });
  const able = motor
    ? steps.map((step, i): SpeedStep => {
        const { torqueNm, limit } = driveTorque(drive, motor, positions[i]!, step.rpm);
        return { ...step, torqueNm: Number(torqueNm.toPrecision(3)), torqueLimit: limit };
      })
    : steps;
  return { steps: distinct(able), positions, combined };
}

/** Rising, each speed once: of two ways to the same speed the measured one stays, else the first. */
function distinct(steps: readonly SpeedStep[]): SpeedStep[] {
  const rising = [...steps].sort((a, b) => a.rpm - b.rpm);
  const kept: SpeedStep[] = [];
  for (const step of rising) {
    const before = kept.at(-1);
    if (!before || step.rpm > before.rpm * (1 + SAME)) kept.push(step);
    else if (step.measured && !before.measured) kept[kept.length - 1] = step;
  }
  return kept;
}

/** The measures a machine keeps in its steps, to be combined anew. */
export const measuresOf = (steps: readonly SpeedStep[]): PositionMeasure[] =>
  steps.flatMap(({ position, measured, rpm }) =>
    position !== undefined && measured ? [{ position, rpm, ...measured }] : [],
  );

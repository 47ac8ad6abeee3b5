import { OutOfRange, atLeast, positive, within } from '../quantity/out-of-range';

/** One belt between two cones: step i of the driver faces step i of the driven. Pitch diameters, mm. */
export interface BeltStage {
  readonly driverMm: readonly number[];
  readonly drivenMm: readonly number[];
}

/** Gear pairs from the cone to the spindle, in tooth counts. */
export interface GearTrain {
  readonly driversTeeth: readonly number[];
  readonly drivenTeeth: readonly number[];
}

const product = (values: readonly number[]): number => values.reduce((total, value) => total * value, 1);

/** How many times slower the spindle turns with the gears in. */
export function reduction({ driversTeeth, drivenTeeth }: GearTrain): number {
  if (driversTeeth.length === 0 || driversTeeth.length !== drivenTeeth.length)
    throw new OutOfRange(
      'number of driven gears',
      drivenTeeth.length,
      Math.max(1, driversTeeth.length),
      driversTeeth.length,
    );
  for (const teeth of [...driversTeeth, ...drivenTeeth]) positive('teeth', teeth);
  return product(drivenTeeth) / product(driversTeeth);
}

function ratios(stage: BeltStage): number[] {
  if (stage.driverMm.length === 0 || stage.driverMm.length !== stage.drivenMm.length)
    throw new OutOfRange(
      'number of driven pulleys',
      stage.drivenMm.length,
      Math.max(1, stage.driverMm.length),
      stage.driverMm.length,
    );
  return stage.driverMm.map(
    (driver, i) => positive('pulley diameter', driver) / positive('pulley diameter', stage.drivenMm[i]!),
  );
}

/**
 * Every speed of a belt drive: n = motor x product of (driver / driven) (1 - s) per belt.
 * First stage outermost, then the next; direct first, then with the back gear in.
 *
 * @param motorRpm     under load: 1425 or 1440 (4-pole, 50 Hz), 1725 (60 Hz)
 * @param slipPercent  of each belt: V 1 to 2, flat 1 to 3, toothed 0
 * @throws RangeError for a pulley of nothing or cones that do not match
 */
export function beltTable(
  motorRpm: number,
  stages: readonly BeltStage[],
  slipPercent = 0,
  backGear?: GearTrain,
): { directRpm: number[]; backGearRpm: number[] | null } {
  positive('motor speed', motorRpm);
  atLeast('belts', stages, 1);
  const grip = 1 - within('slip', slipPercent, 0, 50) / 100;
  const directRpm = stages.reduce(
    (speeds, stage) => speeds.flatMap((rpm) => ratios(stage).map((ratio) => rpm * ratio * grip)),
    [motorRpm],
  );
  const slower = backGear ? reduction(backGear) : null;
  return { directRpm, backGearRpm: slower === null ? null : directRpm.map((rpm) => rpm / slower) };
}

/**
 * All steps of a pair of cones from one that was measured; slip and motor speed cancel.
 * u_j^2 = u_i^2 + the four diameters' relative uncertainties squared; the measured step keeps its own.
 *
 * @param measuredStep  from 0
 * @param uDiameterMm   standard uncertainty of each pitch diameter, mm
 */
export function beltTableFromOne(
  stage: BeltStage,
  measuredStep: number,
  measuredRpm: number,
  uMeasuredRel: number,
  uDiameterMm: number,
): { rpm: number[]; uRel: number[] } {
  const steps = ratios(stage);
  const known = steps[within('measured step', measuredStep, 0, steps.length - 1)]!;
  positive('measured speed', measuredRpm);
  const spread = (i: number): number =>
    (uDiameterMm / stage.driverMm[i]!) ** 2 + (uDiameterMm / stage.drivenMm[i]!) ** 2;
  return {
    rpm: steps.map((ratio) => (measuredRpm * ratio) / known),
    uRel: steps.map((_, i) =>
      i === measuredStep ? uMeasuredRel : Math.sqrt(uMeasuredRel ** 2 + spread(i) + spread(measuredStep)),
    ),
  };
}

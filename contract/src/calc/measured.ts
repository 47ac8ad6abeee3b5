import type { GearTrain, Measured } from '@pike-stone/core/drive';

/** A measured value with its standard uncertainty, as the topics of true speed name them. */
export const measured = (value: number, u?: number): Measured => ({ value, u });

/** Gear pairs in tooth counts. */
export const gearTrain = (i: {
  readonly drivers_teeth: readonly number[];
  readonly driven_teeth: readonly number[];
}): GearTrain => ({ driversTeeth: i.drivers_teeth, drivenTeeth: i.driven_teeth });

/** The sentence where gears do not pair. */
export const AS_MANY_GEARS = 'As many driving as driven gears.';
export const inPairs = (i: {
  readonly drivers_teeth: readonly number[];
  readonly driven_teeth: readonly number[];
}): boolean => i.drivers_teeth.length === i.driven_teeth.length;

import { isDoneWith, threadPitchMm, type CutPlan, type CutSetup, type SpeedCap } from '@pike-stone/core';
import { formatLength, formatSpindleSpeed, joined, type UnitSystem } from '../format';
import type { WorkingLine } from './line';
import { figures, inUnits } from './relation';
import { rpmOf } from './speed-relation';

/** The cap that holds the speed under its aim, with where it comes from. */
export function capLine(setup: CutSetup, { speed }: CutPlan, units: UnitSystem): WorkingLine[] {
  const { heldBy } = speed;
  if (!heldBy) return [];
  const { label, reason } = capWords(heldBy, setup, units);
  return [{ key: 'cap', kind: 'machine', label, value: rpmOf(setup)(heldBy.rpm), reason }];
}

function capWords({ name, rpm }: SpeedCap, setup: CutSetup, units: UnitSystem) {
  switch (name) {
    case 'chart':
      return { label: 'No faster than the end of the chart', reason: 'with the factors of this set-up' };
    case 'chuck':
      return { label: 'Marked on the chuck', reason: 'what turns in it stays under that' };
    case 'ram':
      return {
        label: 'Fastest in mid-stroke, at the end of the chart',
        reason: 'the middle of a stroke runs about half as fast again as its mean',
      };
    case 'power':
      return {
        label: 'Slower, for torque',
        reason: 'in the faster steps the machine does not drive this cut',
      };
    case 'carriage':
      return carriageWords(rpm, setup, units);
  }
}

/** n = 60 x speed of the carriage / pitch, with the figures of this thread. */
function carriageWords(rpm: number, setup: CutSetup, units: UnitSystem) {
  const pitchMm = isDoneWith(setup, 'threading-tool') ? threadPitchMm(setup) : 1;
  const mmPerS = (rpm * pitchMm) / 60;
  const [speed, pitch] = figures(
    [inUnits(mmPerS, units), inUnits(pitchMm, units)],
    (v = 0, p = 1) => (60 * v) / p,
    Number(formatSpindleSpeed(rpm).figure),
  );
  return {
    label: `Carriage: 60 × ${speed} ÷ ${pitch}`,
    reason: `${joined(formatLength(mmPerS, units))} a second is the most that is stopped in time ${setup.runOut ? 'in a run-out' : 'at a shoulder'}`,
  };
}

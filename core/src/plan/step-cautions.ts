import type { ChipCharacter } from '../material/material';
import { operationOf, type CutSetup } from '../operation/registry';
import type { StepCaution } from '../operation/step-caution';

/** Chips that come off in ribbons as a rule. */
const RIBBONS: readonly ChipCharacter[] = ['long', 'stringy', 'gummy', 'tough'];

/** The usual cautions of the step at hand, the one that bites first in front. */
export function stepCautions(setup: CutSetup, chip: ChipCharacter): StepCaution[] {
  if (setup.machine.kind === 'shaper') return ['ram', 'stroke', 'chips'];
  const lathe = setup.machine.kind === 'lathe';
  const { cutting, caution } = operationOf(setup);
  return [
    ...(RIBBONS.includes(chip) && lathe && cutting === 'turning' ? (['ribbon'] as const) : []),
    ...(caution ? [caution] : []),
    'belts',
    lathe ? 'chuck' : 'clamping',
    'eyes',
  ];
}

import { misfits, type CutSetup, type Misfit, type MisfitCode, type MisfitOf } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem } from './format';
import { MACHINE_WORDS } from './machine';
import { operationName } from './operation/words-of';

type Length = (mm: number) => string;
type Sentences = {
  readonly [C in MisfitCode]: (misfit: MisfitOf<C>, length: Length, setup: CutSetup) => string;
};

/** The sentence of each misfit: both sizes, and what would fit. */
const SENTENCES: Sentences = {
  'not-on-machine': ({ machine }, _length, { operation }) =>
    `${operationName(operation)} is not done on a ${MACHINE_WORDS[machine].toLowerCase()}.`,
  'past-centre': ({ depthMm, diameterMm }, length) =>
    `${length(depthMm)} deep goes past the middle of ⌀${length(diameterMm)}: ${length(diameterMm / 2)} at most.`,
  'bar-in-bore': ({ barMm, boreMm, mostMm }, length) =>
    `A bar of ⌀${length(barMm)} does not go into a bore of ⌀${length(boreMm)} with room for the chips: ⌀${length(mostMm)} at most.`,
  'hole-in-work': ({ holeMm, workMm }, length) =>
    `A hole of ⌀${length(holeMm)} leaves nothing of work of ⌀${length(workMm)}.`,
  'past-collar': ({ depthMm, diameterMm, mostMm }, length) =>
    `${length(depthMm)} deep runs the arbor’s collars against the work: a disc of ⌀${length(diameterMm)} goes in ${length(mostMm)} at most.`,
  'wider-than-cutter': ({ widthMm, diameterMm }, length) =>
    `${length(widthMm)} is wider than the cutter, ⌀${length(diameterMm)}.`,
  'narrower-than-blade': ({ widthMm, bladeMm }, length) =>
    `A groove of ${length(widthMm)} is narrower than the blade, ${length(bladeMm)}.`,
  'pitch-too-coarse': ({ pitchMm, diameterMm, mostMm }, length) =>
    `A pitch of ${length(pitchMm)} on ⌀${length(diameterMm)} leaves no core: ${length(mostMm)} at most.`,
};

/** A misfit as a sentence. */
export function sayMisfit(misfit: Misfit, setup: CutSetup, units: UnitSystem): string {
  const length: Length = (mm) => joined(formatLength(mm, units));
  const say = SENTENCES[misfit.code] as (one: Misfit, length: Length, setup: CutSetup) => string;
  return say(misfit, length, setup);
}

/** Why a set-up cannot be, as sentences; empty for one that can be planned. */
export const refusals = (setup: CutSetup, units: UnitSystem): readonly string[] =>
  misfits(setup).map((misfit) => sayMisfit(misfit, setup, units));

import type { ChoiceInputs } from './choice-inputs';
import type { ChoiceFactor } from './evidence';
import type { Flips } from './flips';
import type { Weighed } from './weigh';

/** Factors that may be unable to turn this job round, each with when it is. */
const CANNOT: Readonly<
  Partial<Record<ChoiceFactor, (of: ChoiceInputs, towardsCarbide: boolean, powerUnknown: boolean) => boolean>>
> = {
  // A breaker has nothing to do where the chip breaks by itself.
  chip: ({ chip }) => chip !== 'stringy',
  // A metal that does not stick does not begin to like a polished edge.
  gummy: ({ gummy }, towardsCarbide) => towardsCarbide && !gummy,
  // A finer finish speaks for carbide at its speeds only, and for high speed steel below them.
  finish: (of, towardsCarbide) => of.reachableMPerMin > of.carbideLowMPerMin !== towardsCarbide,
  power: (_of, _towards, powerUnknown) => powerUnknown,
};

/** The flips of a choice without those that cannot be in this job: what is left can be done, or looked at. */
export function flipsOfJob(
  flips: Flips,
  inputs: ChoiceInputs,
  { score }: Pick<Weighed, 'score'>,
  powerUnknown: boolean,
): Flips {
  const factors = flips.factors.filter((factor) => !CANNOT[factor]?.(inputs, score <= 0, powerUnknown));
  return { ...flips, factors };
}

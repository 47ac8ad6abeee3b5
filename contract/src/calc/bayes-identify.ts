import { identify, observationsOf, TESTS, type Observations, type Test } from '@pike-stone/core/identify';
import * as z from 'zod';
import { oneOf, optional, result, word } from './schema';
import { topic } from './topic';
import { odds, priors, weighing } from './weighing';

/** What was seen in a test: one of its observations. */
const seenIn = <T extends Test>(test: T) =>
  optional(oneOf(observationsOf(test) as [NonNullable<Observations[T]>, ...NonNullable<Observations[T]>[]]));

export const bayesIdentifyTopic = topic({
  input: z.strictObject({
    observations: z.strictObject({
      magnet: seenIn('magnet'),
      colour: seenIn('colour'),
      shank: seenIn('shank'),
      failure: seenIn('failure'),
      stone: seenIn('stone'),
      spark: seenIn('spark'),
      density: optional(weighing),
      coating: optional(word),
    }),
    priors,
  }),
  output: z.strictObject({
    posterior: odds,
    best: z.string(),
    sure: z.boolean(),
    contradictory: z.boolean(),
    steel_family: result,
    entropy_bits: result,
    expected_gain_bits: odds,
    next_test: oneOf(TESTS).nullable(),
    weighing_gain_bits: result.nullable(),
    weigh_next: z.boolean(),
  }),
  run: (i) => {
    const { density, coating: _tellsNothing, ...observations } = i.observations;
    const found = identify({ ...observations, weighing: density }, i.priors);
    return {
      posterior: found.odds,
      best: found.best,
      sure: found.sure,
      contradictory: found.contradictory,
      steel_family: found.steels,
      entropy_bits: found.doubtBits,
      expected_gain_bits: found.gainBits as Record<string, number>,
      next_test: found.next,
      weighing_gain_bits: found.weighingBits,
      weigh_next: found.weighNext,
    };
  },
});

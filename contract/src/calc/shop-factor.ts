import { shopFactor } from '@pike-stone/core/learn';
import * as z from 'zod';
import { band, fromBand, MOST_TRIALS, speedTrial, toFactorTrial } from './factor-trials';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const shopFactorTopic = topic({
  input: z.strictObject({
    prior_mean_ln: figure,
    prior_sd_ln: figure,
    noise: optional(figure),
    trials: z.array(speedTrial).max(MOST_TRIALS, `No more than ${MOST_TRIALS}.`),
  }),
  output: band.extend({ cuts: result }),
  heavy: true,
  run: ({ prior_mean_ln, prior_sd_ln, noise, trials }) => {
    const found = shopFactor(trials.map(toFactorTrial), prior_mean_ln, prior_sd_ln, noise);
    return { ...fromBand(found), cuts: found.cuts };
  },
});

import { factorGroups, type FactorTrial } from '@pike-stone/core/learn';
import * as z from 'zod';
import { band, fromBand, MOST_TRIALS, speedTrial, toFactorTrial } from './factor-trials';
import { figure, word } from './schema';
import { topic } from './topic';

export const shopFactorHierarchyTopic = topic({
  input: z.strictObject({
    machine_sd_ln: figure,
    group_sd_ln: figure,
    trials: z.array(speedTrial.extend({ group: word })).max(MOST_TRIALS, `No more than ${MOST_TRIALS}.`),
  }),
  output: z.strictObject({ machine: band, new_group: band, groups: z.record(z.string(), band) }),
  heavy: true,
  run: ({ machine_sd_ln, group_sd_ln, trials }) => {
    const byGroup: Record<string, FactorTrial[]> = {};
    for (const { group, ...one } of trials) (byGroup[group] ??= []).push(toFactorTrial(one));
    const found = factorGroups(byGroup, machine_sd_ln, group_sd_ln);
    return {
      machine: fromBand(found.machine),
      new_group: fromBand(found.newGroup),
      groups: Object.fromEntries(Object.entries(found.groups).map(([name, one]) => [name, fromBand(one)])),
    };
  },
});

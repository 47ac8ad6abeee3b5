import { costSpread } from '@pike-stone/core/choose';
import * as z from 'zod';
import { COST_KEYS, costCalled, costSchema, keyOfCost, toCostInputs } from './cost-inputs';
import { figure, oneOf, result, whole } from './schema';
import { topic } from './topic';

const name = oneOf(COST_KEYS);
const distribution = z.discriminatedUnion('kind', [
  z.strictObject({ name, kind: z.literal('uniform'), min: figure, max: figure }),
  z.strictObject({ name, kind: z.literal('triangular'), min: figure, mode: figure, max: figure }),
  z
    .strictObject({ name, kind: z.literal('lognormal'), median: figure, sigma_ln: figure })
    .transform(({ sigma_ln, ...of }) => ({ ...of, sigmaLn: sigma_ln })),
  z.strictObject({ name, kind: z.literal('normal'), mean: figure, sd: figure }),
]);

export const monteCarloTopic = topic({
  heavy: true,
  input: z.strictObject({
    seed: whole(0, 4_294_967_295),
    trials: whole(2, 20_000),
    fixed: costSchema,
    distributions: z.array(distribution).max(COST_KEYS.length),
  }),
  output: z.strictObject({
    hss_p10: result,
    hss_p50: result,
    hss_p90: result,
    carbide_p10: result,
    carbide_p50: result,
    carbide_p90: result,
    difference_mean: result,
    probability_carbide_cheaper: result,
    rank_correlation: z.record(z.string(), result),
    hangs_most_on: name.nullable(),
  }),
  run: (i) => {
    const r = costSpread(
      i.seed,
      i.trials,
      toCostInputs(i.fixed),
      i.distributions.map((spread) => ({ name: costCalled(spread.name), spread })),
    );
    return {
      hss_p10: r.hss.p10,
      hss_p50: r.hss.p50,
      hss_p90: r.hss.p90,
      carbide_p10: r.carbide.p10,
      carbide_p50: r.carbide.p50,
      carbide_p90: r.carbide.p90,
      difference_mean: r.differenceMean,
      probability_carbide_cheaper: r.probabilityCarbideCheaper,
      rank_correlation: Object.fromEntries(r.correlations.map((one) => [keyOfCost(one.name), one.rho])),
      hangs_most_on: r.hangsMostOn && keyOfCost(r.hangsMostOn),
    };
  },
});

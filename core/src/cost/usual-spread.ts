import type { CostInputs } from './cost-per-part';
import type { Uncertain } from './cost-spread';

/** Scatter of an edge's life, as the standard deviation of its logarithm; typical. */
const LIFE_SIGMA = { hss: 0.5, carbide: 0.6 } as const;
/** A regrind takes half the usual minutes at best, two and a half times them at worst. */
const REGRIND_TIMES = { least: 0.5, most: 2.5 } as const;
/** The chance of a break is known to a fifth and three times. */
const BREAK_TIMES = { least: 0.2, most: 3 } as const;
/** A cut takes a tenth more or less than planned. */
const CUT_SHARE = 0.1;

/** The inputs of a cost that are never known exactly, spread about the values of a job. */
export function usualSpread(of: CostInputs): readonly Uncertain[] {
  const around = (value: number, least: number, most: number) =>
    ({ kind: 'triangular', min: value * least, mode: value, max: value * most }) as const;
  const spreads: readonly (Uncertain | false)[] = [
    { name: 'hssLifeMin', spread: { kind: 'lognormal', median: of.hssLifeMin, sigmaLn: LIFE_SIGMA.hss } },
    {
      name: 'carbideLifeMin',
      spread: { kind: 'lognormal', median: of.carbideLifeMin, sigmaLn: LIFE_SIGMA.carbide },
    },
    of.regrindMin > 0 && {
      name: 'regrindMin',
      spread: around(of.regrindMin, REGRIND_TIMES.least, REGRIND_TIMES.most),
    },
    of.breakProbability > 0 && {
      name: 'breakProbability',
      spread: {
        kind: 'uniform',
        min: of.breakProbability * BREAK_TIMES.least,
        max: Math.min(1, of.breakProbability * BREAK_TIMES.most),
      },
    },
    { name: 'hssCutMin', spread: around(of.hssCutMin, 1 - CUT_SHARE, 1 + CUT_SHARE) },
    { name: 'carbideCutMin', spread: around(of.carbideCutMin, 1 - CUT_SHARE, 1 + CUT_SHARE) },
  ];
  return spreads.filter((one): one is Uncertain => one !== false);
}

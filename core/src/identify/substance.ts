/** What a cutter can be made of, in the order of the tables. */
export const SUBSTANCES = [
  'carbon-steel',
  'hss',
  'cobalt-hss',
  'carbide',
  'cermet',
  'ceramic',
  'pcd-tipped',
] as const;
export type Substance = (typeof SUBSTANCES)[number];

/** A share for each substance; together 1. */
export type Odds = Readonly<Record<Substance, number>>;

/** Shares of an unmarked cutter in a toolroom's drawer before anything is looked at; typical. */
export const DRAWER_ODDS: Odds = {
  'carbon-steel': 0.12,
  hss: 0.45,
  'cobalt-hss': 0.1,
  carbide: 0.28,
  cermet: 0.02,
  ceramic: 0.01,
  'pcd-tipped': 0.02,
};

/** Substances with a value each. */
export const bySubstance = <T>(value: (substance: Substance, i: number) => T): Record<Substance, T> =>
  Object.fromEntries(SUBSTANCES.map((substance, i) => [substance, value(substance, i)])) as Record<
    Substance,
    T
  >;

/** Shares in proportion to weights. */
export function shares(weights: Readonly<Record<Substance, number>>): Odds {
  const all = SUBSTANCES.reduce((sum, substance) => sum + weights[substance], 0);
  return bySubstance((substance) => weights[substance] / all);
}

/** The substance with the largest share; of equal ones the first. */
export const likeliest = (odds: Odds): Substance =>
  SUBSTANCES.reduce((best, substance) => (odds[substance] > odds[best] ? substance : best));

/** Doubt that is left, bits: 0 when it is certain. */
export const entropyBits = (odds: Odds): number =>
  SUBSTANCES.reduce((sum, substance) => {
    const p = odds[substance];
    return p > 0 ? sum - p * Math.log2(p) : sum;
  }, 0);

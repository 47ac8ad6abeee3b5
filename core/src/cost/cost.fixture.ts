import type { CostInputs } from './cost-per-part';
import { USUAL_PRICES } from './usual-prices';

/** A turned part at typical prices: six minutes in the cut with a ground bit, three with an insert. */
export const COST_INPUTS: CostInputs = {
  ...USUAL_PRICES['ground-bit'],
  breakProbability: 0.1,
  hssCutMin: 6,
  hssLifeMin: 60,
  carbideCutMin: 3,
  carbideLifeMin: 20,
};

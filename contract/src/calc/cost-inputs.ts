import type { CostInput, CostInputs } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure } from './schema';

/** Key of each input of a cost. */
const KEY_OF = {
  ratePerMin: 'rate_per_min',
  idleMin: 'idle_min',
  blankCost: 'blank_cost',
  blankUsableMm: 'blank_usable_mm',
  regrindRemovedMm: 'regrind_removed_mm',
  firstGrindMin: 'first_grind_min',
  regrindMin: 'regrind_min',
  wheelCostPerGrind: 'wheel_cost_per_grind',
  hssResetMin: 'hss_reset_min',
  hssCutMin: 'hss_cut_min',
  hssLifeMin: 'hss_life_min',
  insertCost: 'insert_cost',
  edges: 'edges',
  breakProbability: 'break_probability',
  extraEdgesLost: 'extra_edges_lost',
  holderCost: 'holder_cost',
  holderEdgeLives: 'holder_edge_lives',
  indexMin: 'index_min',
  scrapCost: 'scrap_cost',
  carbideCutMin: 'carbide_cut_min',
  carbideLifeMin: 'carbide_life_min',
} as const satisfies Readonly<Record<CostInput, string>>;

type CostKey = (typeof KEY_OF)[CostInput];
const NAMES = Object.keys(KEY_OF) as CostInput[];

export const COST_KEYS = Object.values(KEY_OF) as [CostKey, ...CostKey[]];
export const keyOfCost = (name: CostInput): CostKey => KEY_OF[name];
export const costCalled = (key: CostKey): CostInput => NAMES.find((name) => KEY_OF[name] === key)!;

/** Schema of the inputs of a cost. */
export const costSchema = z.strictObject(
  Object.fromEntries(COST_KEYS.map((key) => [key, figure])) as Record<CostKey, typeof figure>,
);

export const toCostInputs = (of: Readonly<Record<CostKey, number>>): CostInputs =>
  Object.fromEntries(NAMES.map((name) => [name, of[KEY_OF[name]]])) as unknown as CostInputs;

import type { ToolKind } from '../tool/tool';
import type { CarbideCost, HssCost } from './cost-per-part';

/** Costs that do not follow from the cut itself; money in the shop's own currency. */
export interface Prices
  extends
    Omit<HssCost, 'hssCutMin' | 'hssLifeMin'>,
    Omit<CarbideCost, 'carbideCutMin' | 'carbideLifeMin' | 'breakProbability'> {
  readonly ratePerMin: number;
  readonly idleMin: number;
}

/** How an edge is renewed: ground by hand from a blank, or bought as a whole cutter. */
export type EdgeTrade = 'ground-bit' | 'bought-cutter';

const GROUND: readonly ToolKind[] = [
  'turning-tool',
  'boring-bar',
  'parting-blade',
  'threading-tool',
  'form-tool',
  'fly-cutter',
];
export const tradeOf = (kind: ToolKind): EdgeTrade =>
  GROUND.includes(kind) ? 'ground-bit' : 'bought-cutter';

/** Minute of machine and hand, and minutes a part takes besides cutting. */
const EVERY_TRADE = { ratePerMin: 0.6, idleMin: 2 } as const;

/** Typical prices by trade, to be replaced by the shop's own. */
export const USUAL_PRICES: Readonly<Record<EdgeTrade, Prices>> = {
  'ground-bit': {
    ...EVERY_TRADE,
    blankCost: 12,
    blankUsableMm: 30,
    regrindRemovedMm: 0.5,
    firstGrindMin: 20,
    regrindMin: 4,
    wheelCostPerGrind: 0.1,
    hssResetMin: 2,
    insertCost: 9,
    edges: 4,
    extraEdgesLost: 0.5,
    holderCost: 60,
    holderEdgeLives: 400,
    indexMin: 1,
    scrapCost: 5,
  },
  'bought-cutter': {
    ...EVERY_TRADE,
    blankCost: 18,
    blankUsableMm: 2,
    regrindRemovedMm: 0.5,
    firstGrindMin: 0,
    regrindMin: 15,
    wheelCostPerGrind: 0.3,
    hssResetMin: 2,
    insertCost: 32,
    edges: 1,
    extraEdgesLost: 0,
    holderCost: 0,
    holderEdgeLives: 1,
    indexMin: 2,
    scrapCost: 5,
  },
};

/** Chance that a carbide edge breaks before it is worn, by how stiff the machine is: rigid, ordinary, tired. */
const BREAKS = { rigid: 0.02, ordinary: 0.1, tired: 0.2 } as const;
/** Blows double it, up to the most. */
const BLOWS_TIMES = 2;
const MOST_BREAKS = 0.4;

/** Typical chance of a break on a machine in a condition, with or without blows. */
export const usualBreaks = (condition: keyof typeof BREAKS, blows: boolean): number =>
  Math.min(MOST_BREAKS, BREAKS[condition] * (blows ? BLOWS_TIMES : 1));

import { positive, within } from '../quantity/out-of-range';
import { wholeIn } from '../quantity/whole';

/** What both ways share. */
interface Machining {
  /** Machine and hand together, a minute. */
  readonly ratePerMin: number;
  /** Minutes a part takes besides cutting. */
  readonly idleMin: number;
}

/** A bit ground from a blank of high speed steel. */
export interface HssCost {
  readonly blankCost: number;
  /** Length of the blank that can be ground away, mm. */
  readonly blankUsableMm: number;
  readonly regrindRemovedMm: number;
  readonly firstGrindMin: number;
  readonly regrindMin: number;
  readonly wheelCostPerGrind: number;
  /** Setting it again after grinding, minutes. */
  readonly hssResetMin: number;
  readonly hssCutMin: number;
  readonly hssLifeMin: number;
}

/** An insert and its holder. */
export interface CarbideCost {
  readonly insertCost: number;
  readonly edges: number;
  /** Chance that an edge breaks before it is worn, 0 to 1. */
  readonly breakProbability: number;
  /** Other edges of the insert lost with each break. */
  readonly extraEdgesLost: number;
  readonly holderCost: number;
  /** Edges a holder sees before it is worn out. */
  readonly holderEdgeLives: number;
  readonly indexMin: number;
  /** Cost of the part that a break spoils. */
  readonly scrapCost: number;
  readonly carbideCutMin: number;
  readonly carbideLifeMin: number;
}

export type CostInputs = Machining & HssCost & CarbideCost;

export interface CostPerPart {
  /** First edge and every regrind of a blank. */
  readonly hssLives: number;
  readonly hssCostPerLife: number;
  readonly hssToolCost: number;
  readonly hssCostPerPart: number;
  readonly carbideCostPerEdgeLife: number;
  readonly carbideToolCost: number;
  readonly carbideCostPerPart: number;
  readonly cheaper: Cheaper;
}

export type Cheaper = 'hss' | 'carbide' | 'equal';

/** Which of two costs is the less. */
export const cheaperOf = (hss: number, carbide: number): Cheaper =>
  hss === carbide ? 'equal' : hss < carbide ? 'hss' : 'carbide';

const notNegative = (what: string, value: number): number => within(what, value, 0, 1e9);

/**
 * Cost of a part with a ground bit and with an insert, each at its own speed.
 *
 * ```
 * HSS       lives = floor(usable / removed) + 1
 *           a life = (blank + (first grind + regrinds regrind) rate + lives wheel)/lives + reset rate
 * carbide   an edge = insert/edges (1 + p extra) + holder/holder lives + index rate + p scrap
 *           effective life = T (1 - p/2): a break comes on average half way
 * a part    (cut + idle) rate + cut/life x cost of a life
 * ```
 *
 * @throws OutOfRange naming the value
 * @example worked in cost-per-part.test.ts: 5.21 against 3.57
 */
export function costPerPart(i: CostInputs): CostPerPart {
  const rate = notNegative('cost of a minute', i.ratePerMin);
  const idle = notNegative('minutes besides cutting', i.idleMin);
  const hssLives = livesOfBlank(i.blankUsableMm, i.regrindRemovedMm);
  const grinding =
    notNegative('minutes of the first grind', i.firstGrindMin)
    + (hssLives - 1) * notNegative('minutes of a regrind', i.regrindMin);
  const hssCostPerLife =
    (notNegative('cost of the blank', i.blankCost)
      + grinding * rate
      + hssLives * notNegative('wheel cost of a grind', i.wheelCostPerGrind))
      / hssLives
    + notNegative('minutes to set the bit again', i.hssResetMin) * rate;
  const p = within('chance of a break', i.breakProbability, 0, 1);
  const carbideCostPerEdgeLife =
    (notNegative('cost of an insert', i.insertCost) / positive('edges of an insert', i.edges))
      * (1 + p * notNegative('further edges lost', i.extraEdgesLost))
    + notNegative('cost of the holder', i.holderCost) / positive('edges a holder sees', i.holderEdgeLives)
    + notNegative('minutes to index', i.indexMin) * rate
    + p * notNegative('cost of a spoilt part', i.scrapCost);
  const hssCut = positive('HSS cutting time', i.hssCutMin);
  const carbideCut = positive('carbide cutting time', i.carbideCutMin);
  const hssToolCost = (hssCut / positive('HSS edge life', i.hssLifeMin)) * hssCostPerLife;
  const carbideToolCost =
    (carbideCut / (positive('carbide edge life', i.carbideLifeMin) * (1 - p / 2))) * carbideCostPerEdgeLife;
  const hssCostPerPart = (hssCut + idle) * rate + hssToolCost;
  const carbideCostPerPart = (carbideCut + idle) * rate + carbideToolCost;
  return {
    hssLives,
    hssCostPerLife,
    hssToolCost,
    hssCostPerPart,
    carbideCostPerEdgeLife,
    carbideToolCost,
    carbideCostPerPart,
    cheaper: cheaperOf(hssCostPerPart, carbideCostPerPart),
  };
}

/**
 * Edges that a blank gives: the first and one for every regrind its length allows.
 * @example livesOfBlank(30, 0.5) // 61
 */
export const livesOfBlank = (usableMm: number, removedMm: number): number =>
  regrindsLeft(usableMm, removedMm) + 1;

/**
 * Regrinds that a length allows: whole ones only.
 * @example regrindsLeft(12, 0.5) // 24
 */
export const regrindsLeft = (usableMm: number, removedMm: number): number =>
  wholeIn(
    notNegative('usable length of the blank', usableMm) / positive('length a regrind takes', removedMm),
  );

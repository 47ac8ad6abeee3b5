import type { CostInput, EdgeTrade } from '@pike-stone/core/choose';

/** An input of a cost: what it is called for a trade, its unit, and the range that is accepted. */
export interface CostWords {
  readonly title: string;
  readonly unit: string;
}

const BIT: Readonly<Record<CostInput, CostWords>> = {
  ratePerMin: { title: 'A minute, machine and hand', unit: '' },
  idleMin: { title: 'Minutes a part takes besides cutting', unit: 'min' },
  blankCost: { title: 'A blank of high speed steel', unit: '' },
  blankUsableMm: { title: 'Length of it that can be ground away', unit: 'mm' },
  regrindRemovedMm: { title: 'Length that a regrind takes', unit: 'mm' },
  firstGrindMin: { title: 'First grind', unit: 'min' },
  regrindMin: { title: 'A regrind', unit: 'min' },
  wheelCostPerGrind: { title: 'Wheel used up by a grind', unit: '' },
  hssResetMin: { title: 'Setting the bit again', unit: 'min' },
  hssCutMin: { title: 'HSS: in the cut for a part', unit: 'min' },
  hssLifeMin: { title: 'HSS: an edge lasts', unit: 'min' },
  insertCost: { title: 'An insert', unit: '' },
  edges: { title: 'Edges of an insert', unit: '' },
  breakProbability: { title: 'An edge breaks before it is worn', unit: 'of 1' },
  extraEdgesLost: { title: 'Further edges lost with a break', unit: '' },
  holderCost: { title: 'The holder', unit: '' },
  holderEdgeLives: { title: 'Edges that a holder sees', unit: '' },
  indexMin: { title: 'Turning to the next edge', unit: 'min' },
  scrapCost: { title: 'The part that a break spoils', unit: '' },
  carbideCutMin: { title: 'Carbide: in the cut for a part', unit: 'min' },
  carbideLifeMin: { title: 'Carbide: an edge lasts', unit: 'min' },
};
const CUTTER: Partial<Readonly<Record<CostInput, CostWords>>> = {
  blankCost: { title: 'A cutter of high speed steel', unit: '' },
  blankUsableMm: { title: 'What sharpening may take off it in all', unit: 'mm' },
  regrindRemovedMm: { title: 'What a sharpening takes off', unit: 'mm' },
  firstGrindMin: { title: 'Making it ready', unit: 'min' },
  regrindMin: { title: 'A sharpening', unit: 'min' },
  hssResetMin: { title: 'Setting the cutter again', unit: 'min' },
  insertCost: { title: 'A cutter of carbide, or its set of inserts', unit: '' },
  edges: { title: 'Times it can be used sharp', unit: '' },
  indexMin: { title: 'Changing it', unit: 'min' },
};

/** What an input of a cost is called. */
export const costWords = (input: CostInput, trade: EdgeTrade): CostWords =>
  (trade === 'bought-cutter' && CUTTER[input]) || BIT[input];

/** What the answer hangs on, in the middle of a sentence. */
export const HANGS_ON: Partial<Readonly<Record<CostInput, string>>> = {
  hssLifeMin: 'how long the high speed steel edge lasts',
  carbideLifeMin: 'how long the carbide edge lasts',
  regrindMin: 'the minutes of a regrind',
  breakProbability: 'how often an edge breaks',
  hssCutMin: 'the minutes in the cut with high speed steel',
  carbideCutMin: 'the minutes in the cut with carbide',
};

import type { CostInput, EdgeTrade } from '@pike-stone/core/choose';
import { formatLength, joined, significant, type UnitSystem } from '../format';
import { formatMoney } from './money';

/** An input of a cost: what it is called for a trade, and what its figure counts. */
export interface CostWords {
  readonly title: string;
  readonly counts: 'money' | 'minutes' | 'length' | 'pieces' | 'share';
}

const BIT: Readonly<Record<CostInput, CostWords>> = {
  ratePerMin: { title: 'A minute, machine and hand', counts: 'money' },
  idleMin: { title: 'Minutes a part takes besides cutting', counts: 'minutes' },
  blankCost: { title: 'A blank of high speed steel', counts: 'money' },
  blankUsableMm: { title: 'Length of it that can be ground away', counts: 'length' },
  regrindRemovedMm: { title: 'Length that a regrind takes', counts: 'length' },
  firstGrindMin: { title: 'First grind', counts: 'minutes' },
  regrindMin: { title: 'A regrind', counts: 'minutes' },
  wheelCostPerGrind: { title: 'Wheel used up by a grind', counts: 'money' },
  hssResetMin: { title: 'Setting the bit again', counts: 'minutes' },
  hssCutMin: { title: 'HSS: in the cut for a part', counts: 'minutes' },
  hssLifeMin: { title: 'HSS: an edge lasts', counts: 'minutes' },
  insertCost: { title: 'An insert', counts: 'money' },
  edges: { title: 'Edges of an insert', counts: 'pieces' },
  breakProbability: { title: 'An edge breaks before it is worn', counts: 'share' },
  extraEdgesLost: { title: 'Further edges lost with a break', counts: 'pieces' },
  holderCost: { title: 'The holder', counts: 'money' },
  holderEdgeLives: { title: 'Edges that a holder sees', counts: 'pieces' },
  indexMin: { title: 'Turning to the next edge', counts: 'minutes' },
  scrapCost: { title: 'The part that a break spoils', counts: 'money' },
  carbideCutMin: { title: 'Carbide: in the cut for a part', counts: 'minutes' },
  carbideLifeMin: { title: 'Carbide: an edge lasts', counts: 'minutes' },
};
const CUTTER: Partial<Readonly<Record<CostInput, CostWords>>> = {
  blankCost: { title: 'A cutter of high speed steel', counts: 'money' },
  blankUsableMm: { title: 'What sharpening may take off it in all', counts: 'length' },
  regrindRemovedMm: { title: 'What a sharpening takes off', counts: 'length' },
  firstGrindMin: { title: 'Making it ready', counts: 'minutes' },
  regrindMin: { title: 'A sharpening', counts: 'minutes' },
  hssResetMin: { title: 'Setting the cutter again', counts: 'minutes' },
  insertCost: { title: 'A cutter of carbide, or its set of inserts', counts: 'money' },
  edges: { title: 'Times it can be used sharp', counts: 'pieces' },
  indexMin: { title: 'Changing it', counts: 'minutes' },
};

/** What an input of a cost is called. */
export const costWords = (input: CostInput, trade: EdgeTrade): CostWords =>
  (trade === 'bought-cutter' && CUTTER[input]) || BIT[input];

/** A value of an input of a cost, as its figure counts. */
export function sayCostValue(counts: CostWords['counts'], value: number, units: UnitSystem): string {
  switch (counts) {
    case 'money':
      return formatMoney(value);
    case 'length':
      return joined(formatLength(value, units));
    case 'minutes':
      return `${significant(value, 3)}\u00a0min`;
    case 'share':
      return `${Math.round(100 * value)} in 100`;
    case 'pieces':
      return significant(value, 3);
  }
}

/** What the answer hangs on, in the middle of a sentence. */
export const HANGS_ON: Partial<Readonly<Record<CostInput, string>>> = {
  hssLifeMin: 'how long the high speed steel edge lasts',
  carbideLifeMin: 'how long the carbide edge lasts',
  regrindMin: 'the minutes of a regrind',
  breakProbability: 'how often an edge breaks',
  hssCutMin: 'the minutes in the cut with high speed steel',
  carbideCutMin: 'the minutes in the cut with carbide',
};

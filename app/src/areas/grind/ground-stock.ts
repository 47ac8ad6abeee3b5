import type { BitBody, GrindBody } from '@pike-stone/contract';
import { usableLength } from '@pike-stone/core/grind';
import type { Prices } from '@pike-stone/core/choose';
import type { Tally } from '@pike-stone/core/inventory';
import type { Happening } from '../../data/stock-levels';

/** Length of a bit that can still be ground away, at a length of it. */
const usable = ({ gripMm, overhangMm }: BitBody, lengthMm: number): number =>
  usableLength(lengthMm, gripMm, overhangMm);

interface GroundNow {
  readonly toolId: string;
  /** The bit before it was ground, and its length after it. */
  readonly bit: BitBody;
  readonly lengthMm: number;
  /** Why it was ground; null when it was not ground now. */
  readonly why: GrindBody['why'] | null;
  /** What the ledger says of its tool, and of the blank it is made of; null for a blank that is not of the drawer. */
  readonly tool: Tally;
  readonly blank: Tally | null;
  readonly prices: Pick<Prices, 'regrindMin' | 'ratePerMin' | 'wheelCostPerGrind'>;
}

/**
 * Entries of the ledger for a bit that was ground: its tool is counted the first time and gets shorter
 * after it, and a blank of the drawer that is counted is used up by a new bit.
 */
export function groundStock(now: GroundNow): readonly Happening[] {
  const { toolId, bit, lengthMm, why, tool, blank, prices } = now;
  const ofTool = { of: 'tools', itemId: toolId } as const;
  const cost = why === null ? 0 : prices.regrindMin * prices.ratePerMin + prices.wheelCostPerGrind;
  const left = usable(bit, lengthMm);
  const length = left - usable(bit, bit.blank.lengthMm);
  const counted = tool.entries > 0;
  return [
    ...(counted
      ? []
      : [{ ...ofTool, act: 'counted', lengthMm: why === 'regrind' ? left - length : left } as const]),
    ...(why === 'regrind' ? [{ ...ofTool, act: 'ground', lengthMm: length, cost } as const] : []),
    ...(why === 'new' && bit.blankId !== null && blank !== null && blank.entries > 0
      ? [
          {
            of: 'supplies',
            itemId: bit.blankId,
            act: 'ground',
            lengthMm: -bit.blank.lengthMm,
            note: bit.name,
          } as const,
        ]
      : []),
  ];
}

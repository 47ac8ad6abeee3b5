import type { RulesBody } from '@pike-stone/contract';
import type { ToolKind } from '@pike-stone/core';
import { tradeOf, USUAL_PRICES, type Prices } from '@pike-stone/core/choose';
import { useRules } from './rules';

/** The shop's prices for the trade of a kind of tool: its own where it has put them, else typical ones. */
export function pricesOf(kind: ToolKind, rules: RulesBody | undefined): Prices {
  const trade = tradeOf(kind);
  return { ...USUAL_PRICES[trade], ...rules?.prices?.[trade] };
}

/** The shop's prices for a kind of tool. */
export const usePrices = (kind: ToolKind): Prices => pricesOf(kind, useRules().rules);

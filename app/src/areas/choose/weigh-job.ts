import type { RulesBody, ToolBody } from '@pike-stone/contract';
import { DoesNotFit, OutOfRange, type Tool } from '@pike-stone/core';
import {
  familyOf,
  hasChoice,
  jobChoice,
  type JobChoice,
  type JobWants,
  type Prices,
} from '@pike-stone/core/choose';
import { pricesOf } from '../../data/prices';
import type { Shown } from '../../data/records';
import type { SetUp } from '../cut/useCut';

export type Chosen = JobChoice<Shown<'tools'>>;

/** The prices of each tool: what the drawer knows of it or of its box, in place of the shop's. */
const drawerPrices =
  (supplies: readonly Shown<'supplies'>[], rules: RulesBody | undefined) =>
  (tool: Tool & Pick<ToolBody, 'boxId' | 'price'>): Prices => {
    const known = pricesOf(tool.kind, rules);
    const box = supplies.find(({ id }) => id === tool.boxId)?.body;
    if (box?.kind === 'insert-box')
      return { ...known, insertCost: box.price ?? known.insertCost, edges: box.edgesEach };
    if (tool.price === undefined) return known;
    return familyOf(tool) === 'hss'
      ? { ...known, blankCost: tool.price }
      : { ...known, insertCost: tool.price };
  };

/** A set-up weighed with the tools of the drawer; null where there is nothing to choose or the cut cannot be. */
export function weighJob(
  { setup, rules: ofCut }: Pick<SetUp, 'setup' | 'rules'>,
  tools: readonly Shown<'tools'>[],
  supplies: readonly Shown<'supplies'>[],
  wants: JobWants,
  rules: RulesBody | undefined,
): Chosen | null {
  if (!hasChoice(setup.operation)) return null;
  const inUse = tools.filter((one) => !one.archived);
  try {
    return jobChoice(setup, wants, inUse, ofCut, rules?.choice, drawerPrices(supplies, rules));
  } catch (fault) {
    if (fault instanceof OutOfRange || fault instanceof DoesNotFit) return null;
    throw fault;
  }
}

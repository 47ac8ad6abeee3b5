import { positive, within } from '../quantity/out-of-range';

/** Something that can be bought. */
export interface KitItem {
  readonly name: string;
  readonly cost: number;
  /** Share of each need that it covers, 0 to 1. */
  readonly covers: Readonly<Record<string, number>>;
  /** Names of what must be there before it is of use. */
  readonly after?: readonly string[] | undefined;
}

export interface KitQuestion {
  /** Weight of each need. */
  readonly needs: Readonly<Record<string, number>>;
  readonly items: readonly KitItem[];
  readonly budget: number;
  /** Weight of need that an item must cover at least to be bought at all. */
  readonly leastGain: number;
  /** Names of what is there already. */
  readonly have?: readonly string[] | undefined;
}

export interface KitStep {
  readonly name: string;
  readonly cost: number;
  /** Weight it covered that was uncovered before. */
  readonly gain: number;
}

export interface Kit {
  readonly steps: readonly KitStep[];
  readonly spent: number;
  /** Covered weight over all weight, 0 to 1. */
  readonly usefulness: number;
}

/**
 * What to buy, in order: again and again the item that covers most uncovered need for its money.
 *
 * The coverage of a need is 1 - product(1 - share of each item owned). An item is
 * bought only when the budget allows it, what it needs first is there, and it covers
 * more than the least. Of equal ones the first in the list.
 *
 * @throws OutOfRange for a cost that is not above 0, a share outside 0 to 1, a budget below 0
 */
export function startingKit({ needs, items, budget, leastGain, have = [] }: KitQuestion): Kit {
  const owned = new Set(have);
  const uncovered = new Map(
    Object.entries(needs).map(([need, weight]) => [need, within('weight of a need', weight, 0, 1e6)]),
  );
  const all = sum(uncovered.values());
  for (const item of items) {
    positive('cost', item.cost);
    for (const share of Object.values(item.covers)) within('share of a need', share, 0, 1);
    if (owned.has(item.name)) cover(uncovered, item);
  }
  const steps: KitStep[] = [];
  let left = within('budget', budget, 0, 1e9);
  for (;;) {
    const best = items
      .filter(
        ({ name, cost, after = [] }) =>
          !owned.has(name) && cost <= left && after.every((one) => owned.has(one)),
      )
      .map((item) => ({ item, gain: gainOf(uncovered, item) }))
      .filter(({ gain }) => gain > leastGain)
      .reduce<{ item: KitItem; gain: number } | null>(
        (most, one) => (most === null || one.gain / one.item.cost > most.gain / most.item.cost ? one : most),
        null,
      );
    if (best === null) break;
    owned.add(best.item.name);
    cover(uncovered, best.item);
    left -= best.item.cost;
    steps.push({ name: best.item.name, cost: best.item.cost, gain: best.gain });
  }
  return {
    steps,
    spent: steps.reduce((total, { cost }) => total + cost, 0),
    usefulness: all === 0 ? 0 : 1 - sum(uncovered.values()) / all,
  };
}

const sum = (values: Iterable<number>): number => [...values].reduce((total, one) => total + one, 0);

const gainOf = (uncovered: ReadonlyMap<string, number>, { covers }: KitItem): number =>
  sum(Object.entries(covers).map(([need, share]) => (uncovered.get(need) ?? 0) * share));

function cover(uncovered: Map<string, number>, { covers }: KitItem): void {
  for (const [need, share] of Object.entries(covers))
    uncovered.set(need, (uncovered.get(need) ?? 0) * (1 - share));
}

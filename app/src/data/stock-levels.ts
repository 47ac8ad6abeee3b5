import { ledgerEntries, stockLevels, type LedgerBody } from '@pike-stone/contract';
import { EMPTY_TALLY, tallied, type Tally } from '@pike-stone/core/inventory';
import { useMemo } from 'react';
import { levelKey } from './count-in';
import { useOutbox } from '../sync/outbox';
import type { Outgoing } from '../sync/outgoing';
import type { Sent } from '../sync/send';
import { newId, save } from './records';
import { useOfShop } from '../sync/of-shop';

const LEVELS = '/api/stock-levels';

/** Sums of the ledger by thing, with what waits on this device counted in. */
export function useStockLevels() {
  const { data, error, loading } = useOfShop(LEVELS, stockLevels);
  const entries = useOutbox((state) => state.entries);
  const levels = useMemo(() => {
    const sums = new Map<string, Tally>(data?.levels.map((level) => [levelKey(level), level]));
    for (const entry of entries) {
      if (entry.kind !== 'ledger' || entry.state !== 'waiting') continue;
      const { body } = entry as Outgoing<'ledger'>;
      sums.set(levelKey(body), tallied(sums.get(levelKey(body)) ?? EMPTY_TALLY, body));
    }
    return sums;
  }, [data, entries]);
  const tallyOf = (of: LedgerBody['of'], itemId: string | null): Tally =>
    levels.get(levelKey({ of, itemId })) ?? EMPTY_TALLY;
  return { tallyOf, loading, error };
}

/** What is written of a happening; what is left out is nothing. */
export type Happening = Pick<LedgerBody, 'of' | 'itemId' | 'act'>
  & Partial<Pick<LedgerBody, 'edges' | 'lengthMm' | 'massG' | 'cost' | 'note'>>;

const entryOf = (happening: Happening): LedgerBody => ({
  edges: 0,
  lengthMm: 0,
  massG: 0,
  cost: 0,
  note: '',
  ...happening,
  at: new Date().toISOString(),
});

/** Writes an entry of the ledger: to this device first, then to the shop's computer. */
export const enter = (happening: Happening): Promise<Sent> => save('ledger', newId(), 0, entryOf(happening));

/** Takes an entry back by another that is its opposite: the ledger keeps both. */
export const takeBack = (happening: Happening): Promise<Sent> =>
  enter({
    ...happening,
    act: 'put-back',
    edges: -(happening.edges ?? 0),
    lengthMm: -(happening.lengthMm ?? 0),
    massG: -(happening.massG ?? 0),
    cost: -(happening.cost ?? 0),
  });

/** The newest entries about a tool or a supply. */
export function useLedgerOf(itemId: string | null) {
  const { data, error } = useOfShop(itemId && `${LEVELS}/${itemId}`, ledgerEntries);
  const waiting = useOutbox((state) => state.entries);
  const unsent = waiting.flatMap((entry) =>
    entry.kind === 'ledger' && (entry as Outgoing<'ledger'>).body.itemId === itemId
      ? [{ id: entry.id, body: (entry as Outgoing<'ledger'>).body, waiting: true }]
      : [],
  );
  const stored = (data?.entries ?? []).map((one) => ({ ...one, waiting: false }));
  return {
    entries: [...unsent.reverse(), ...stored.filter(({ id }) => !unsent.some((one) => one.id === id))],
    error,
  };
}

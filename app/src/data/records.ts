import {
  factsOf,
  KINDS,
  listOf,
  sessionAnswer,
  type Body,
  type Kind,
  type LedgerBody,
  type StockLevel,
  type Stored,
} from '@pike-stone/contract';
import { useMemo } from 'react';
import useSWR from 'swr';
import { v7 as uuidv7 } from 'uuid';
import type { ZodType } from 'zod';
import { ask, Unreachable } from './api';
import { countIn } from './count-in';
import { sendWaiting, recordKey, useOutbox, type Outgoing, type Sent } from './outbox';
import { changeShown, fillShown, readAgain, readAhead } from './shop-cache';

/** A record as pages show it: stored, or waiting to be sent. */
export interface Shown<K extends Kind> extends Stored<K> {
  readonly waiting: boolean;
}

interface List<K extends Kind> {
  readonly records: readonly Stored<K>[];
}

const reading = async <Answer>(path: string, schema: ZodType<Answer>): Promise<Answer> => {
  try {
    const answer = await ask(path, schema);
    useOutbox.getState().setReachable(true);
    return answer;
  } catch (error) {
    if (error instanceof Unreachable) useOutbox.getState().setReachable(false);
    throw error;
  }
};

/** The shop this page is in; asking for it also lets a visitor in. */
export const useSession = () =>
  useSWR('/api/session', (path) => reading(path, sessionAnswer), { revalidateOnFocus: false });

const asShown = <K extends Kind>(entry: Outgoing<K>): Shown<K> => ({
  id: entry.id,
  version: entry.version,
  archived: entry.archived,
  updatedAt: entry.queuedAt,
  body: entry.body,
  waiting: true,
});

/** Every record of a kind. Unsent writes take the place of their stored record. */
export function useRecords<K extends Kind>(kind: K) {
  const { data: session } = useSession();
  const { data, error, isLoading } = useSWR<List<K>>(session ? `/api/${kind}` : null, (path: string) =>
    reading(path, listOf(kind)),
  );
  const entries = useOutbox((state) => state.entries);
  const records = useMemo(() => {
    const unsent = entries.filter(
      (entry): entry is Outgoing<K> => entry.kind === kind && entry.state === 'waiting',
    );
    const stored = data?.records ?? [];
    const fresh = unsent.filter((entry) => !stored.some((record) => record.id === entry.id)).map(asShown);
    const merged = stored.map((record): Shown<K> => {
      const entry = unsent.find((one) => one.id === record.id);
      return entry ? { ...asShown(entry), version: record.version } : { ...record, waiting: false };
    });
    return [...fresh.reverse(), ...merged];
  }, [data, entries, kind]);
  return { records, error: error as Error | undefined, loading: !session || (isLoading && !data) };
}

function putInCache(entry: Outgoing, record: Stored<Kind>): void {
  if (entry.kind === 'photos') {
    const address = `/api/photos/${entry.id}`;
    changeShown(address, () => record);
    return fillShown(address, record);
  }
  if (entry.kind === 'ledger') {
    changeShown<{ levels: StockLevel[] }>('/api/stock-levels', ({ levels }) => ({
      levels: countIn(levels, record.body as LedgerBody),
    }));
    readAgain('/api/stock-levels');
    readAgain(`/api/stock-levels/${(record.body as LedgerBody).itemId}`);
    return;
  }
  changeShown<List<Kind>>(`/api/${entry.kind}`, ({ records }) => {
    const known = records.some((one) => one.id === record.id);
    return {
      records: known ? records.map((one) => (one.id === record.id ? record : one)) : [record, ...records],
    };
  });
}

/** Sends the waiting writes now. */
export const sendNow = () => sendWaiting(putInCache);

/** Writes a record: to this device first, then to the shop's computer. */
export async function save<K extends Kind>(
  kind: K,
  id: string,
  version: number,
  body: Body<K>,
  archived = false,
): Promise<Sent> {
  useOutbox
    .getState()
    .enqueue({
      kind,
      id,
      version,
      archived,
      body,
      queuedAt: new Date().toISOString(),
      state: 'waiting',
    } as Outgoing);
  const results = await sendNow();
  return results.get(recordKey(kind, id)) ?? { sent: 'waiting' };
}

/** Loads every list that no page has asked for yet, so that book and drawer open without the server. */
export async function bringLists(): Promise<void> {
  for (const kind of KINDS.filter((one) => !factsOf(one).addedOnly && !factsOf(one).apart)) {
    try {
      await readAhead(`/api/${kind}`, () => reading(`/api/${kind}`, listOf(kind)));
    } catch {
      return;
    }
  }
}

export const newId = (): string => uuidv7();

/** Settles a conflict with the server's record: drops the unsent write. */
export function takeTheirs(entry: Outgoing): void {
  useOutbox.getState().remove(entry.kind, entry.id);
  readAgain(`/api/${entry.kind}`);
}

/** Settles a conflict with this device's record: sends it again, made from the server's version. */
export function keepOurs(entry: Outgoing): Promise<unknown> {
  useOutbox
    .getState()
    .mark(entry.kind, entry.id, {
      state: 'waiting',
      version: entry.current?.version ?? entry.version,
      current: undefined,
    });
  return sendNow();
}

/** Undoes a write that was made from this record: puts the record back, from the version which that write made. */
export const putBack = <K extends Kind>(
  kind: K,
  { id, version, body, archived }: Pick<Stored<K>, 'id' | 'version' | 'body' | 'archived'>,
): Promise<Sent> => save(kind, id, version + 1, body, archived);

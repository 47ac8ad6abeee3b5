import {
  factsOf,
  KINDS,
  PAGE,
  readList,
  untilChecked,
  type Body,
  type Kind,
  type LedgerBody,
  type List,
  type SetAside,
  type StockLevel,
  type Stored,
} from '@pike-stone/contract';
import { useMemo } from 'react';
import useSWR from 'swr';
import { v7 as uuidv7 } from 'uuid';
import { forgetPictures } from '../frame/picture';
import { countIn } from './count-in';
import { enqueue, markEntry, removeEntry, useOutbox } from '../sync/outbox';
import type { Outgoing } from '../sync/outgoing';
import { outcomeOf, sendWaiting, type Sent } from '../sync/send';
import { reading } from '../sync/reading';
import { useSession } from '../sync/session';
import {
  changeShown,
  fillShown,
  forgetAhead,
  isComing,
  readAgain,
  readAhead,
  whileComing,
} from '../sync/shop-cache';

/** A record as pages show it: stored, or waiting to be sent. */
export interface Shown<K extends Kind> extends Stored<K> {
  readonly waiting: boolean;
}

export const asShown = <K extends Kind>(entry: Outgoing<K>): Shown<K> => ({
  id: entry.id,
  version: entry.version,
  archived: entry.archived,
  updatedAt: entry.queuedAt,
  body: entry.body,
  waiting: true,
});

/** Records of a kind that a device brings when there may be a million of them: the newest. */
const NEWEST = 200;

/** Kinds whose list was asked for since the application was opened. */
const asked = new Set<Kind>();

/** Address of the first page of a list; of a kind with very many records, of the newest. */
export const firstPage = (kind: Kind): string =>
  `/api/${kind}?limit=${factsOf(kind).many ? NEWEST : PAGE.most}`;

/** Reads every page of a list; of a kind with very many records, the newest. */
async function readWhole<K extends Kind>(kind: K): Promise<List<K>> {
  asked.add(kind);
  // A page may ask for what is read with a schema that is still on its way.
  await untilChecked(kind);
  const schema = readList(kind);
  const first = firstPage(kind);
  let whole = await reading(first, schema);
  while (whole.next && !factsOf(kind).many) {
    const page = await reading(`${first}&after=${encodeURIComponent(whole.next)}`, schema);
    whole = { ...page, records: [...whole.records, ...page.records], aside: [...whole.aside, ...page.aside] };
  }
  return whole;
}

/** Every record of a kind; of one with very many, the newest. Unsent writes take the place of their stored record. */
export function useRecords<K extends Kind>(kind: K) {
  const { data: session } = useSession();
  const address = `/api/${kind}`;
  const key = session ? address : null;
  const { data, error, isLoading } = useSWR<List<K>>(key, () => readWhole(kind), whileComing(address));
  const entries = useOutbox((state) => state.entries);
  const records = useMemo(() => {
    const unsent = entries.filter(
      (entry): entry is Outgoing<K> => entry.kind === kind && entry.state !== 'conflict',
    );
    const stored = data?.records ?? [];
    const fresh = unsent.filter((entry) => !stored.some((record) => record.id === entry.id)).map(asShown);
    const merged = stored.map((record): Shown<K> => {
      const entry = unsent.find((one) => one.id === record.id);
      return entry ? { ...asShown(entry), version: record.version } : { ...record, waiting: false };
    });
    return [...fresh.reverse(), ...merged];
  }, [data, entries, kind]);
  return {
    records,
    aside: data?.aside ?? NONE,
    error: error as Error | undefined,
    loading: !session || (!data && (isLoading || !error)),
  };
}

const NONE: readonly SetAside[] = [];

/** A list with a record as it was written: in its place, or first when it is new. */
function withRecord(list: List<Kind>, record: Stored<Kind>): List<Kind> {
  const { records, total } = list;
  return records.some((one) => one.id === record.id)
    ? { ...list, records: records.map((one) => (one.id === record.id ? record : one)) }
    : { ...list, records: [record, ...records], total: total === null ? null : total + 1 };
}

/** Shows a record as the server has taken it. */
export function showSaved(kind: Kind, record: Stored<Kind>): void {
  if (kind === 'photos') {
    const address = `/api/photos/${record.id}`;
    changeShown(address, () => record);
    return fillShown(address, record);
  }
  if (kind === 'ledger') {
    changeShown<{ levels: StockLevel[] }>('/api/stock-levels', ({ levels }) => ({
      levels: countIn(levels, record.body as LedgerBody),
    }));
    readAgain('/api/stock-levels');
    readAgain(`/api/stock-levels/${(record.body as LedgerBody).itemId}`);
    return;
  }
  changeShown<List<Kind>>(`/api/${kind}`, (list) => withRecord(list, record));
}

/** Sends the waiting writes now. */
export const sendNow = () => sendWaiting(showSaved);

/** Said at the button when neither the server nor the device has what was written. */
const UNKEPT =
  'This device has no room to keep it, and the shop’s computer does not answer. Leave this page open: it is sent as soon as it can be.';

/**
 * Writes a record: to this device first, then to the shop's computer. The same id with the same version is
 * the same write, however often it is called.
 */
export async function save<K extends Kind>(
  kind: K,
  id: string,
  version: number,
  body: Body<K>,
  archived = false,
): Promise<Sent> {
  outcomeOf(kind, id);
  // The pages as they were do not have it; the lists that would say so may be a long time coming.
  forgetPictures();
  const kept = await enqueue({ kind, id, version, archived, body });
  await sendNow();
  const result = outcomeOf(kind, id) ?? { sent: 'waiting' };
  return result.sent === 'waiting' && !kept ? { sent: 'unkept', refusal: new Error(UNKEPT) } : result;
}

/** Forgets which lists were asked for, for tests that open the application anew. */
export function forgetAsked(): void {
  asked.clear();
  forgetAhead();
}

/** Kinds whose list belongs on the device. */
const KEPT = KINDS.filter((kind) => !factsOf(kind).addedOnly && !factsOf(kind).apart);

/** Loads every list that no page has asked for yet, so that book and drawer open without the server. */
export async function bringLists(): Promise<void> {
  for (const kind of KEPT) {
    if (asked.has(kind) || isComing(`/api/${kind}`)) continue;
    try {
      await readAhead(`/api/${kind}`, () => readWhole(kind));
    } catch {
      return;
    }
  }
}

export const newId = (): string => uuidv7();

/** Settles a conflict with the server's record: drops the unsent write. */
export async function takeTheirs({ kind, id }: Outgoing): Promise<void> {
  await removeEntry(kind, id);
  readAgain(`/api/${kind}`);
}

/** Settles a conflict with this device's record: sends it again, made from the server's version. */
export async function keepOurs({ kind, id, version, current }: Outgoing): Promise<void> {
  await markEntry(kind, id, { state: 'waiting', version: current?.version ?? version, current: undefined });
  await sendNow();
}

/** Undoes a write that was made from this record: puts the record back, from the version which that write made. */
export const putBack = <K extends Kind>(
  kind: K,
  { id, version, body, archived }: Pick<Stored<K>, 'id' | 'version' | 'body' | 'archived'>,
): Promise<Sent> => save(kind, id, version + 1, body, archived);

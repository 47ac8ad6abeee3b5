import {
  hasWords,
  PAGE,
  readList,
  searchWords,
  wordsOf,
  type Kind,
  type List,
  type Stored,
} from '@pike-stone/contract';
import { useMemo } from 'react';
import useSWRInfinite from 'swr/infinite';
import { Unreachable } from '../sync/api';
import { useOutbox } from '../sync/outbox';
import type { Outgoing } from '../sync/outgoing';
import { reading } from '../sync/reading';
import { useSession } from '../sync/session';
import { asShown, useRecords, type Shown } from './records';

/** What a list is narrowed to. */
export interface Narrowed {
  readonly q?: string;
  readonly archived?: boolean;
  readonly kinds?: readonly string[];
  readonly dull?: boolean;
  readonly order?: 'newest' | 'name';
}

/** Address of a page of a list. */
function pageAddress(
  kind: Kind,
  { q, archived, kinds, dull, order }: Narrowed,
  after: string | null,
): string {
  const words = searchWords(q ?? '').join(' ');
  const parts = {
    limit: String(PAGE.usual),
    ...(archived !== undefined && { archived: archived ? '1' : '0' }),
    ...(words !== '' && { q: words }),
    ...(kinds && { kinds: kinds.join(',') }),
    ...(dull && { dull: '1' }),
    ...(order === 'name' && { order }),
    ...(after !== null && { after }),
  };
  return `/api/${kind}?${new URLSearchParams(parts).toString()}`;
}

/** Whether a record belongs to a narrowed list, as the database decides it. */
export function belongs<K extends Kind>(
  kind: K,
  { archived, body }: Pick<Stored<K>, 'archived' | 'body'>,
  narrowed: Narrowed,
): boolean {
  const of = body as { readonly kind?: string; readonly dull?: boolean };
  return (
    (narrowed.archived === undefined || archived === narrowed.archived)
    && (!narrowed.kinds || narrowed.kinds.includes(of.kind ?? ''))
    && (!narrowed.dull || of.dull === true)
    && hasWords(wordsOf(kind, body), searchWords(narrowed.q ?? ''))
  );
}

const byName = (a: Shown<Kind>, b: Shown<Kind>): number =>
  (a.body as { name: string }).name.localeCompare((b.body as { name: string }).name, 'en', { numeric: true });

/**
 * A list that is read and searched at the server, a page at a time as it is scrolled. What waits on this
 * device is in it, and without the server it is what this device has.
 */
export function usePages<K extends Kind>(kind: K, narrowed: Narrowed) {
  const { data: session } = useSession();
  const { data, error, isLoading, isValidating, size, setSize } = useSWRInfinite<List<K>>(
    (index: number, before: List<K> | null) => {
      if (!session || (before && before.next === null)) return null;
      return pageAddress(kind, narrowed, index === 0 ? null : before!.next);
    },
    (address: string) => reading(address, readList(kind)),
    { revalidateFirstPage: true, keepPreviousData: true },
  );
  const here = useRecords(kind);
  const entries = useOutbox((state) => state.entries);
  const offline = error instanceof Unreachable;
  const last = data?.at(-1);
  const hasMore = Boolean(last?.next);
  const records = useMemo(() => {
    const stored = offline && !data ? here.records : (data ?? []).flatMap((page) => page.records);
    return merged(kind, narrowed, stored, entries as readonly Outgoing<K>[], here.records, hasMore);
  }, [data, offline, here.records, entries, kind, narrowed, hasMore]);
  return {
    records,
    aside: (data ?? []).flatMap((page) => page.aside),
    total: data?.[0]?.total ?? null,
    /** There are more than those read so far. */
    hasMore,
    /** Only what this device has is shown. */
    offline: offline && !data,
    more: () => {
      if (last?.next && !isValidating) void setSize(size + 1);
    },
    error: error as Error | undefined,
    loading: !session || (isLoading && !data && here.records.length === 0),
  };
}

const newestFirst = (a: Shown<Kind>, b: Shown<Kind>): number => (a.id < b.id ? 1 : -1);

/**
 * The records of a list with what waits on this device, and what this device knows better, in their places.
 * @param hasMore  the server has more than what is read: then nothing beyond the last read record is shown
 */
function merged<K extends Kind>(
  kind: K,
  narrowed: Narrowed,
  stored: readonly Stored<K>[],
  entries: readonly Outgoing<K>[],
  here: readonly Shown<K>[],
  hasMore: boolean,
): Shown<K>[] {
  const order = narrowed.order === 'name' ? byName : newestFirst;
  const shown = new Map<string, Shown<K>>();
  for (const record of stored) shown.set(record.id, { ...record, waiting: false });
  const last = stored.at(-1);
  const isRead = (record: Shown<K>) =>
    !hasMore || (last !== undefined && order(record, { ...last, waiting: false }) <= 0);
  for (const record of here) {
    const known = shown.get(record.id);
    if (known ? record.waiting || record.version > known.version : isRead(record))
      shown.set(record.id, record);
  }
  for (const entry of entries)
    if (entry.kind === kind && entry.state !== 'conflict')
      shown.set(entry.id, { ...asShown(entry), version: shown.get(entry.id)?.version ?? entry.version });
  return [...shown.values()].filter((record) => belongs(kind, record, narrowed)).sort(order);
}

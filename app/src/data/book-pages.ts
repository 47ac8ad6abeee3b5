import {
  hasWords,
  PAGE,
  readList,
  searchWords,
  wordsOf,
  type CutBody,
  type List,
} from '@pike-stone/contract';
import { bookFilter, type BookFilter } from '@pike-stone/contract/book';
import { useMemo } from 'react';
import useSWRInfinite from 'swr/infinite';
import { Unreachable } from '../sync/api';
import { reading } from '../sync/reading';
import { useSession } from '../sync/session';
import { useRecords, type Shown } from './records';

/** A filter as the part of an address behind the question mark. */
export const filterQuery = (filter: BookFilter): string =>
  new URLSearchParams(
    Object.entries(filter).filter((one): one is [string, string] => one[1] !== undefined && one[1] !== ''),
  ).toString();

/** The filter of an address; what is none is left out. */
export function readFilter(query: Readonly<Record<string, string | string[] | undefined>>): BookFilter {
  const keys = Object.keys(bookFilter.shape) as (keyof BookFilter)[];
  return Object.assign(
    {},
    ...keys.map((key) => {
      const read = bookFilter.shape[key].safeParse(query[key]);
      return read.success && read.data !== undefined && read.data !== '' ? { [key]: read.data } : {};
    }),
  ) as BookFilter;
}

/** Whether a cut fits a filter, as the database decides it. */
function fitsFilter(body: CutBody, filter: BookFilter): boolean {
  const day = body.takenAt.slice(0, 10);
  return (
    (!filter.machine || body.machineId === filter.machine)
    && (!filter.stock || body.stockId === filter.stock)
    && (!filter.tool || body.toolId === filter.tool)
    && (!filter.operation || body.operation === filter.operation)
    && (!filter.outcome || body.outcome === filter.outcome)
    && (!filter.sign || (body.signs ?? []).includes(filter.sign))
    && (!filter.run || body.runId === filter.run)
    && (!filter.from || day >= filter.from)
    && (!filter.to || day <= filter.to)
    && hasWords(wordsOf('cuts', body), searchWords(filter.q ?? ''))
  );
}

const newestFirst = (a: Shown<'cuts'>, b: Shown<'cuts'>): number =>
  b.body.takenAt.localeCompare(a.body.takenAt) || (a.id < b.id ? 1 : -1);

/**
 * Cuts of the book that fit a filter, the newest first, a page at a time as it is scrolled; with those that wait
 * on this device, and without the server those that this device has.
 */
export function useBookPages(filter: BookFilter) {
  const { data: session } = useSession();
  const query = filterQuery({ ...filter, q: searchWords(filter.q ?? '').join(' ') });
  const { data, error, isLoading, isValidating, size, setSize } = useSWRInfinite<List<'cuts'>>(
    (index: number, before: List<'cuts'> | null) => {
      if (!session || (before && before.next === null)) return null;
      const after = index === 0 ? '' : `&after=${encodeURIComponent(before!.next!)}`;
      return `/api/book?limit=${PAGE.usual}&${query}${after}`;
    },
    (address: string) => reading(address, readList('cuts')),
    { revalidateFirstPage: true, keepPreviousData: true },
  );
  const here = useRecords('cuts');
  const offline = error instanceof Unreachable && !data;
  const last = data?.at(-1);
  const records = useMemo(() => {
    const found = new Map<string, Shown<'cuts'>>();
    for (const record of (data ?? []).flatMap((page) => page.records))
      found.set(record.id, { ...record, waiting: false });
    const end = last?.records.at(-1);
    const isRead = (record: Shown<'cuts'>): boolean =>
      !last?.next || (end !== undefined && newestFirst(record, { ...end, waiting: false }) <= 0);
    for (const record of here.records) {
      const known = found.get(record.id);
      if (record.waiting || (known ? record.version > known.version : isRead(record)))
        found.set(record.id, record);
    }
    return [...found.values()]
      .filter(({ archived, body }) => !archived && fitsFilter(body, filter))
      .sort(newestFirst);
  }, [data, last, here.records, filter]);
  return {
    records,
    aside: (data ?? []).flatMap((page) => page.aside),
    hasMore: Boolean(last?.next),
    offline,
    more: () => {
      if (last?.next && !isValidating) void setSize(size + 1);
    },
    error: error as Error | undefined,
    loading: !session || (isLoading && !data && here.records.length === 0),
  };
}

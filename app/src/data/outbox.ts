import { factsOf, isKind, storedOf, upgraded, type Body, type Kind, type Stored } from '@pike-stone/contract';
import { dequal } from 'dequal';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { put, Refusal, Unreachable } from './api';

/** A write that is kept on the device until the shop's computer has it. */
export interface Outgoing<K extends Kind = Kind> {
  readonly kind: K;
  readonly id: string;
  readonly version: number;
  readonly archived: boolean;
  readonly body: Body<K>;
  readonly queuedAt: string;
  readonly state: 'waiting' | 'conflict' | 'refused';
  /** The record on the server, when someone else has changed it first. */
  readonly current?: Stored<K>;
  readonly why?: string;
}

/** The last write this device sent for a record, whether or not an answer came. */
type LastSent = Pick<Outgoing, 'archived' | 'body'>;

interface Outbox {
  readonly entries: readonly Outgoing[];
  readonly lastSent: Readonly<Record<string, LastSent>>;
  readonly reachable: boolean;
  enqueue(entry: Outgoing): void;
  remove(kind: Kind, id: string): void;
  mark(kind: Kind, id: string, change: Partial<Outgoing>): void;
  noteSent(entry: Outgoing): void;
  setReachable(reachable: boolean): void;
}

type Kept = Pick<Outbox, 'entries' | 'lastSent'>;

const REMEMBERED = 40;
const keyOf = ({ kind, id }: Pick<Outgoing, 'kind' | 'id'>): string => `${kind}/${id}`;

const same = (kind: Kind, id: string) => (entry: Outgoing) => entry.kind === kind && entry.id === id;

/** Brings writes that waited while a record's shape changed into today's shape, so that they can be sent. */
function upgradedOutbox({ entries, lastSent }: Kept): Kept {
  const body = <B>(kind: string | undefined, one: B): B =>
    kind !== undefined && isKind(kind) ? (upgraded(kind, one) as B) : one;
  return {
    entries: entries.map((entry) => ({
      ...entry,
      body: body(entry.kind, entry.body),
      ...(entry.current && { current: { ...entry.current, body: body(entry.kind, entry.current.body) } }),
    })),
    lastSent: Object.fromEntries(
      Object.entries(lastSent).map(([key, sent]) => [
        key,
        { ...sent, body: body(key.split('/')[0], sent.body) },
      ]),
    ),
  };
}

export const useOutbox = create<Outbox>()(
  persist(
    (set) => ({
      entries: [],
      reachable: true,
      lastSent: {},
      enqueue: (entry) =>
        set(({ entries }) => {
          const earlier = entries.find(same(entry.kind, entry.id));
          // An unsent write is replaced by the newer one, made from the same version.
          const next = earlier ? { ...entry, version: earlier.version, queuedAt: earlier.queuedAt } : entry;
          return {
            entries: earlier ? entries.map((one) => (one === earlier ? next : one)) : [...entries, next],
          };
        }),
      remove: (kind, id) =>
        set(({ entries }) => ({ entries: entries.filter((entry) => !same(kind, id)(entry)) })),
      mark: (kind, id, change) =>
        set(({ entries }) => ({
          entries: entries.map((entry) =>
            same(kind, id)(entry) ? ({ ...entry, ...change } as Outgoing) : entry,
          ),
        })),
      noteSent: (entry) =>
        set(({ lastSent }) => {
          const { [keyOf(entry)]: _, ...others } = lastSent;
          return {
            lastSent: Object.fromEntries([
              ...Object.entries(others).slice(1 - REMEMBERED),
              [keyOf(entry), { archived: entry.archived, body: entry.body }],
            ]),
          };
        }),
      setReachable: (reachable) => set({ reachable }),
    }),
    {
      name: 'pike-outbox',
      version: 1,
      migrate: (kept) => upgradedOutbox(kept as Kept),
      partialize: ({ entries, lastSent }): Kept => ({ entries, lastSent }),
    },
  ),
);

export type Sent =
  | { readonly sent: 'saved'; readonly record: Stored<Kind> }
  | { readonly sent: 'waiting' }
  | { readonly sent: 'conflict' | 'refused'; readonly refusal: Refusal };

/** Whether the record on the server is the one that this device sent before: then nobody else has changed it. */
const ownEarlier = (
  current: Stored<Kind> | undefined,
  before: LastSent | undefined,
): current is Stored<Kind> =>
  current !== undefined
  && before !== undefined
  && dequal({ archived: current.archived, body: current.body }, before);

type OnSaved = (entry: Outgoing, record: Stored<Kind>) => void;

async function sendOne(entry: Outgoing, onSaved: OnSaved): Promise<Sent> {
  const { remove, mark, noteSent, setReachable, lastSent } = useOutbox.getState();
  const { kind, id, version, archived, body } = entry;
  const before = lastSent[keyOf(entry)];
  // A picture is too large to be remembered beside the others.
  if (!factsOf(kind).apart) noteSent(entry);
  try {
    const record = await put(`/api/${kind}/${id}`, storedOf(kind), { version, archived, body });
    setReachable(true);
    // Put into the cache before the waiting write is removed, so that the old record is not shown in between.
    onSaved(entry, record);
    const now = useOutbox.getState().entries.find(same(kind, id));
    // Changed again while it was being sent: the newer write goes out from the new version.
    if (now && (now.body !== body || now.archived !== archived)) mark(kind, id, { version: record.version });
    else remove(kind, id);
    return { sent: 'saved', record };
  } catch (error) {
    if (error instanceof Unreachable) {
      setReachable(false);
      return { sent: 'waiting' };
    }
    if (!(error instanceof Refusal)) throw error;
    setReachable(true);
    const conflict = error.problem.status === 409;
    const current = storedOf(kind).safeParse(error.problem.current).data;
    if (conflict && ownEarlier(current, before)) {
      mark(kind, id, { version: current.version });
      return sendOne({ ...entry, version: current.version }, onSaved);
    }
    mark(kind, id, { state: conflict ? 'conflict' : 'refused', why: error.problem.detail, current });
    return { sent: conflict ? 'conflict' : 'refused', refusal: error };
  }
}

let sending: Promise<unknown> = Promise.resolve();

/** Name of a record among all kinds: a photo has the id of what it shows. */
export const recordKey = (kind: Kind, id: string): string => `${kind}/${id}`;

/** Sends the waiting writes one at a time, oldest first, and stops when the server cannot be reached; answers by `recordKey`. */
export function sendWaiting(onSaved: OnSaved): Promise<Map<string, Sent>> {
  const turn = sending.then(async () => {
    const results = new Map<string, Sent>();
    for (const entry of useOutbox.getState().entries.filter((one) => one.state === 'waiting')) {
      const result = await sendOne(entry, onSaved);
      results.set(recordKey(entry.kind, entry.id), result);
      if (result.sent === 'waiting') break;
    }
    return results;
  });
  sending = turn.catch(() => undefined);
  return turn;
}

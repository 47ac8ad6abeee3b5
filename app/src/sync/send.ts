import { factsOf, storedOf, untilChecked, type Kind, type Stored } from '@pike-stone/contract';
import { dequal } from 'dequal';
import { Refusal, send, Unreachable } from './api';
import { lastSentOf, loadOutbox, markEntry, markSent, noteSent, setReachable, useOutbox } from './outbox';
import { recordKey, type LastSent, type Outgoing } from './outgoing';
import { oneTabAtATime, tellTabs } from './tabs';

/** What became of a write. */
export type Sent =
  | { readonly sent: 'saved'; readonly record: Stored<Kind> }
  | { readonly sent: 'waiting'; readonly retryAfterMs?: number | null }
  | { readonly sent: 'conflict' | 'refused'; readonly refusal: Refusal }
  /** Neither the server nor the device has it: it lives only as long as this page. */
  | { readonly sent: 'unkept'; readonly refusal: Error };

/** Called with each record that the server has taken. */
type OnSaved = (kind: Kind, record: Stored<Kind>) => void;

/** Whether the record on the server is the one that this device sent before: then nobody else has changed it. */
const ownEarlier = (
  current: Stored<Kind> | undefined,
  before: LastSent | undefined,
): current is Stored<Kind> =>
  current !== undefined
  && before !== undefined
  && dequal(
    { archived: current.archived, body: current.body },
    { archived: before.archived, body: before.body },
  );

const sameWrite = (sent: Outgoing) => (now: Outgoing) =>
  now.archived === sent.archived && dequal(now.body, sent.body);

async function sendOne(entry: Outgoing, onSaved: OnSaved): Promise<Sent> {
  const { kind, id, version, archived, body } = entry;
  await untilChecked(kind);
  const before = await lastSentOf(entry);
  // A picture is too large to be remembered beside the others.
  if (!factsOf(kind).apart) await noteSent(entry).catch(() => undefined);
  try {
    const record = await send('PUT', `/api/${kind}/${id}`, storedOf(kind), { version, archived, body });
    setReachable(true);
    useOutbox.setState({ heldUp: null });
    // Put into the cache before the waiting write is removed, so that the old record is not shown in between.
    onSaved(kind, record);
    tellTabs({ is: 'saved', kind, record });
    await markSent(entry, record.version, sameWrite(entry));
    return { sent: 'saved', record };
  } catch (error) {
    if (error instanceof Unreachable) {
      setReachable(error.answered);
      useOutbox.setState({ heldUp: error.answered ? error.message : null });
      return { sent: 'waiting', retryAfterMs: error.retryAfterMs };
    }
    if (!(error instanceof Refusal)) throw error;
    setReachable(true);
    const conflict = error.problem.status === 409;
    const current = storedOf(kind).safeParse(error.problem.current).data;
    if (conflict && ownEarlier(current, before)) {
      await markEntry(kind, id, { version: current.version });
      return sendOne({ ...entry, version: current.version }, onSaved);
    }
    await markEntry(kind, id, {
      state: conflict ? 'conflict' : 'refused',
      why: error.problem.fields?.[0]?.message ?? error.problem.detail,
      current,
    });
    return { sent: conflict ? 'conflict' : 'refused', refusal: error };
  }
}

/** What became of each write last, for the button that wrote it: another call may have sent it meanwhile. */
const outcomes = new Map<string, Sent>();

/** Takes what became of a write since it was asked for last; undefined when nothing did. */
export function outcomeOf(kind: Kind, id: string): Sent | undefined {
  const outcome = outcomes.get(recordKey(kind, id));
  outcomes.delete(recordKey(kind, id));
  return outcome;
}

/** Sends what waits, one at a time, oldest first, and stops when it cannot go on. Resolves to the one that is held up. */
async function sendAll(onSaved: OnSaved): Promise<Sent | null> {
  const { shop } = useOutbox.getState();
  // Another tab may have sent or added some meanwhile.
  if (shop !== null) await loadOutbox(shop);
  for (const entry of useOutbox.getState().entries.filter((one) => one.state === 'waiting')) {
    const result = await sendOne(entry, onSaved);
    outcomes.set(recordKey(entry.kind, entry.id), result);
    if (result.sent === 'waiting') return result;
  }
  return null;
}

let sending: Promise<unknown> = Promise.resolve();

/** Sends the waiting writes: one call at a time in this tab, and one tab at a time. */
export function sendWaiting(onSaved: OnSaved): Promise<Sent | null> {
  const turn = sending.then(() => oneTabAtATime(() => sendAll(onSaved)));
  sending = turn.catch(() => undefined);
  return turn;
}

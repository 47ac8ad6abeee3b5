import {
  instrumentEvent,
  instrumentList,
  type InstrumentEvent,
  type InstrumentKind,
  type InstrumentState,
} from '@pike-stone/contract';
import { useEffect, useState } from 'react';
import { useOfShop } from '../sync/of-shop';

/** The instruments connected to the shop's computer. */
export const useInstruments = () =>
  useOfShop('/api/instruments', instrumentList, { revalidateOnFocus: false });

/** One reading in the instrument's own clock; a pulse has no value. */
export interface Reading {
  readonly t: number;
  readonly value: number | null;
}

export interface Stream {
  readonly state: InstrumentState | 'cut-off';
  readonly standIn: boolean;
  /** Readings of the last seconds, in the instrument's order. */
  readonly readings: readonly Reading[];
  /** Number of unreadable lines in that time. */
  readonly bad: number;
}

const AWAY: Stream = { state: 'connecting', standIn: false, readings: [], bad: 0 };
const SILENT_MS = 3_000;
/** Events for which the number of unreadable lines is kept. */
const BAD_KEPT = 30;

/** Adds an event to the kept readings of a stream: late lines are sorted in, old ones dropped. */
export function withEvent(
  before: readonly Reading[],
  { t, value }: Pick<InstrumentEvent, 't' | 'value'>,
  keepS: number,
): readonly Reading[] {
  if (t.length === 0) return before;
  const all = [...before, ...t.map((at, i) => ({ t: at, value: value[i] ?? null }))].sort(
    (a, b) => a.t - b.t,
  );
  // The instrument's clock was restarted when it is far behind the kept readings: only the new ones count.
  const newest = t.at(-1)!;
  const last = before.at(-1);
  if (last && newest < last.t - keepS) return t.map((at, i) => ({ t: at, value: value[i] ?? null }));
  const from = all.at(-1)!.t - keepS;
  return all.filter((reading) => reading.t >= from);
}

/**
 * The live readings of an instrument while the page looks at it. The browser opens
 * a stream again by itself when it breaks; until then its state is `away`.
 *
 * @param near   what a simulated instrument should pretend to be held to
 * @param keepS  how much of the past is kept, in seconds of the instrument's clock
 */
export function useInstrument(kind: InstrumentKind, near: number | null, keepS: number, on = true): Stream {
  const [stream, setStream] = useState<Stream>(AWAY);
  useEffect(() => {
    setStream(AWAY);
    if (!on) return;
    const source = new EventSource(`/api/instruments/${kind}/stream${near === null ? '' : `?near=${near}`}`);
    let heard = Date.now();
    let bad: number[] = [];
    source.onmessage = ({ data }: MessageEvent<string>) => {
      heard = Date.now();
      const read = instrumentEvent.safeParse(JSON.parse(data));
      if (!read.success) return;
      const event = read.data;
      bad = [...bad.slice(1 - BAD_KEPT), event.bad];
      const spoilt = bad.reduce((sum, one) => sum + one, 0);
      setStream((before) => ({
        state: event.state,
        standIn: event.standIn === true,
        readings: withEvent(before.readings, event, keepS),
        bad: spoilt,
      }));
    };
    const cutOff = () =>
      setStream((before) => (before.state === 'cut-off' ? before : { ...before, state: 'cut-off' }));
    source.onerror = cutOff;
    const watch = setInterval(() => {
      if (Date.now() - heard > SILENT_MS) cutOff();
    }, 1_000);
    return () => {
      clearInterval(watch);
      source.close();
    };
  }, [kind, near, keepS, on]);
  return stream;
}

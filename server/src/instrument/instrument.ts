import type { InstrumentEvent, InstrumentKind, InstrumentState } from '@pike-stone/contract';
import { readInstrumentLine } from './instrument-line';
import type { LineSource, OpenLines } from './line-source';

const TELL_MS = 200;
const SILENT_MS = 2_000;
/** The line stays open for this long after its last listener has left, ms. */
const KEEP_OPEN_MS = 5_000;
/** Most readings kept for one event. */
const MOST_READINGS = 2_000;

interface Listener {
  event(event: InstrumentEvent): void;
  /** Called when the server stops and no more events follow. */
  ended(): void;
}

/** One instrument. Its line is open while someone listens, and all listeners get the same events. */
export class Instrument {
  readonly #listeners = new Set<Listener>();
  #source: LineSource | null = null;
  #state: InstrumentState = 'connecting';
  #standIn: boolean | null = null;
  #t: number[] = [];
  #value: number[] = [];
  #bad = 0;
  #heardAt = 0;
  #near: number | null = null;
  #ticker: ReturnType<typeof setInterval> | undefined;
  #closing: ReturnType<typeof setTimeout> | undefined;

  constructor(
    readonly kind: InstrumentKind,
    private readonly open: OpenLines,
    private readonly now: () => number = Date.now,
  ) {}

  /** Adds a listener; the returned function removes it. */
  listen(listener: Listener): () => void {
    clearTimeout(this.#closing);
    this.#listeners.add(listener);
    if (!this.#source) this.#start();
    listener.event(this.#event([], [], 0));
    return () => {
      this.#listeners.delete(listener);
      if (this.#listeners.size === 0) this.#closing = setTimeout(() => this.#hangUp(), KEEP_OPEN_MS);
    };
  }

  /** Sets the value that a simulated instrument measures; does nothing with a real one. */
  pretend(near: number): void {
    this.#near = near;
    // The line takes six decimals at the most.
    if (this.#standIn) this.#source?.send(`NEAR ${Number(near.toFixed(6))}`);
  }

  /** Ends every stream and the line. */
  close(): void {
    for (const listener of this.#listeners) listener.ended();
    this.#listeners.clear();
    this.#hangUp();
  }

  #hangUp(): void {
    clearTimeout(this.#closing);
    clearInterval(this.#ticker);
    this.#source?.close();
    this.#source = null;
    this.#state = 'connecting';
  }

  #start(): void {
    this.#state = 'connecting';
    this.#source = this.open({
      line: (text) => this.#line(text),
      opened: () => {
        this.#heardAt = this.now();
        this.#state = 'live';
      },
      lost: () => {
        this.#state = 'away';
      },
    });
    this.#ticker = setInterval(() => this.#tell(), TELL_MS);
  }

  #line(text: string): void {
    const read = readInstrumentLine(this.kind, text);
    this.#heardAt = this.now();
    if (read === null) this.#bad += 1;
    else if (read.is === 'hello') {
      this.#standIn = read.standIn;
      if (this.#near !== null) this.pretend(this.#near);
    } else if (read.is === 'reading' && this.#t.length < MOST_READINGS) {
      this.#t.push(read.t);
      if (read.value !== null) this.#value.push(read.value);
    }
  }

  #tell(): void {
    if (this.#state === 'live' || this.#state === 'silent')
      this.#state = this.now() - this.#heardAt > SILENT_MS ? 'silent' : 'live';
    const event = this.#event(this.#t, this.#value, this.#bad);
    [this.#t, this.#value, this.#bad] = [[], [], 0];
    for (const listener of this.#listeners) listener.event(event);
  }

  #event(t: number[], value: number[], bad: number): InstrumentEvent {
    return { state: this.#state, standIn: this.#standIn, t, value, bad };
  }
}

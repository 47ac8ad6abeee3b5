import { createServer, type Server, type Socket } from 'node:net';
import type { InstrumentEvent } from '@pike-stone/contract';
import { Chance } from '../stand-ins/chance';
import { STAND_INS } from '../stand-ins/stand-ins';
import { Instrument } from './instrument';
import { readInstrumentLine } from './instrument-line';
import { tcpLines, type LineListener } from './line-source';

describe('a line of an instrument', () => {
  it.each([
    ['tachometer', 'TACH 12.3456 P', { is: 'reading', t: 12.3456, value: null }],
    ['tachometer', 'TACH 12.50 -', { is: 'idle' }],
    ['tachometer', 'HELLO TACH STAND-IN', { is: 'hello', standIn: true }],
    ['caliper', 'HELLO CAL', { is: 'hello', standIn: false }],
    ['caliper', 'CAL 1.25 -0.02 mm', { is: 'reading', t: 1.25, value: -0.02 }],
    ['ammeter', 'AMP 3 2.14 A', { is: 'reading', t: 3, value: 2.14 }],
    ['angle-gauge', 'ANG 3.2 12.1 deg', { is: 'reading', t: 3.2, value: 12.1 }],
  ] as const)('%s: %s', (kind, text, read) => expect(readInstrumentLine(kind, text)).toEqual(read));

  it.each([
    ['tachometer', 'TACH 12.3'],
    ['tachometer', 'TACH 1~.5 P'],
    ['caliper', 'CAL 1.0 25.4'],
    ['caliper', 'TACH 1.0 P'],
    ['caliper', ''],
    ['caliper', 'CAL 1.0 1e99 mm'],
    ['ammeter', 'AMP NaN 2 A'],
  ] as const)('%s: %p cannot be read', (kind, text) => {
    expect(readInstrumentLine(kind, text)).toBeNull();
  });
});

describe('an instrument that several look at', () => {
  let line: LineListener;
  const sent: string[] = [];
  let opened = 0;
  let closed = 0;
  let clock = 0;
  const fake = () =>
    new Instrument(
      'tachometer',
      (listener) => {
        line = listener;
        opened += 1;
        return {
          send: (text) => void sent.push(text),
          close: () => {
            closed += 1;
          },
        };
      },
      () => clock,
    );
  beforeEach(() => {
    jest.useFakeTimers();
    sent.length = 0;
    opened = closed = clock = 0;
  });
  afterEach(() => jest.useRealTimers());
  const hear = (instrument: Instrument) => {
    const events: InstrumentEvent[] = [];
    return {
      events,
      leave: instrument.listen({ event: (event) => events.push(event), ended: () => undefined }),
    };
  };

  it('opens one line for all, tells what came since the last time, and hangs up when all have left', () => {
    const instrument = fake();
    const [one, other] = [hear(instrument), hear(instrument)];
    expect(opened).toBe(1);
    line.opened();
    for (const text of ['HELLO TACH', 'TACH 0.10 P', 'TACH 0.2', 'TACH 0.31 P']) line.line(text);
    jest.advanceTimersByTime(200);
    expect(one.events.at(-1)).toEqual({ state: 'live', standIn: false, t: [0.1, 0.31], value: [], bad: 1 });
    expect(other.events.at(-1)).toEqual(one.events.at(-1));
    jest.advanceTimersByTime(200);
    expect(one.events.at(-1)).toMatchObject({ t: [], bad: 0 });
    one.leave();
    other.leave();
    jest.advanceTimersByTime(10_000);
    expect(closed).toBe(1);
  });

  it('says when nothing comes and when the line is lost', () => {
    const instrument = fake();
    const { events } = hear(instrument);
    line.opened();
    clock += 2_500;
    jest.advanceTimersByTime(200);
    expect(events.at(-1)!.state).toBe('silent');
    line.line('TACH 3.0 -');
    jest.advanceTimersByTime(200);
    expect(events.at(-1)!.state).toBe('live');
    line.lost();
    jest.advanceTimersByTime(200);
    expect(events.at(-1)!.state).toBe('away');
    instrument.close();
  });

  it('tells only a simulated instrument what to pretend', () => {
    const instrument = fake();
    hear(instrument);
    instrument.pretend(440.00000000000006);
    line.line('HELLO TACH');
    expect(sent).toEqual([]);
    line.line('HELLO TACH STAND-IN');
    expect(sent).toEqual(['NEAR 440']);
    instrument.close();
  });
});

describe('lines from a port', () => {
  const sockets: Socket[] = [];
  let server: Server;
  const listen = (port: number) =>
    new Promise<number>((resolve) => {
      server = createServer((socket) => {
        sockets.push(socket);
        socket.on('error', () => undefined);
        socket.write('HELLO TACH\r\nTACH 0.1');
      });
      server.listen(port, '127.0.0.1', () => resolve((server.address() as { port: number }).port));
    });
  const until = async (so: () => boolean) => {
    while (!so()) await new Promise((go) => setTimeout(go, 10));
  };

  it('come whole, also when they arrive in pieces, and again after the other end was away', async () => {
    const port = await listen(0);
    const lines: string[] = [];
    let [opened, lost] = [0, 0];
    const source = tcpLines(
      '127.0.0.1',
      port,
    )({
      line: (text) => lines.push(text),
      opened: () => {
        opened += 1;
      },
      lost: () => {
        lost += 1;
      },
    });
    await until(() => lines.length === 1);
    sockets[0]!.write('25 P\r\n');
    await until(() => lines.length === 2);
    expect(lines).toEqual(['HELLO TACH', 'TACH 0.125 P']);
    sockets[0]!.end('TACH 0.2');
    server.close();
    await until(() => lost >= 1);
    expect(lines[2]).toBe('TACH 0.2');
    await listen(port);
    await until(() => opened === 2);
    source.close();
    for (const socket of sockets) socket.destroy();
    await new Promise((closed) => server.close(closed));
  });
});

describe('the simulated instruments', () => {
  it('a tachometer turns as told, with missed, doubled, late and spoilt pulses and silences', () => {
    const tachometer = STAND_INS.tachometer(new Chance(7));
    tachometer.near(600);
    const said = Array.from({ length: 1200 }, (_, i) => tachometer.advance(i * 0.05, (i + 1) * 0.05)).flat();
    const times = said
      .map(({ text }) => readInstrumentLine('tachometer', text))
      .flatMap((read) => (read?.is === 'reading' ? [read.t] : []))
      .sort((a, b) => a - b);
    const gaps = times.slice(1).map((t, i) => t - times[i]!);
    const usual = [...gaps].sort((a, b) => a - b)[Math.floor(gaps.length / 2)]!;
    expect(60 / usual).toBeGreaterThan(580);
    expect(60 / usual).toBeLessThan(600);
    expect(gaps.some((gap) => gap < 0.3 * usual)).toBe(true);
    expect(gaps.some((gap) => gap > 1.7 * usual && gap < 2.3 * usual)).toBe(true);
    expect(Math.max(...gaps)).toBeGreaterThan(1);
    expect(said.some(({ delayMs }) => delayMs > 100)).toBe(true);
    expect(said.some(({ text }) => readInstrumentLine('tachometer', text) === null)).toBe(true);
  });

  it.each(['caliper', 'angle-gauge', 'balance'] as const)(
    '%s tells a value near what it is held to',
    (kind) => {
      const standIn = STAND_INS[kind](new Chance(3));
      standIn.near(40);
      const values = standIn
        .advance(0, 5)
        .map(({ text }) => readInstrumentLine(kind, text))
        .flatMap((read) => (read?.is === 'reading' ? [read.value!] : []));
      expect(values.length).toBeGreaterThan(20);
      for (const value of values) expect(Math.abs(value - 40)).toBeLessThan(2);
    },
  );

  it('the ammeter idles, and tells the current it is held to in the cut', () => {
    const standIn = STAND_INS.ammeter(new Chance(3));
    standIn.near(4);
    const values = standIn
      .advance(0, 6)
      .map(({ text }) => readInstrumentLine('ammeter', text))
      .flatMap((read) => (read?.is === 'reading' ? [read.value!] : []));
    const near = (amps: number) => values.filter((value) => Math.abs(value - amps) < 0.2).length;
    expect(near(2.1)).toBeGreaterThan(20);
    expect(near(4)).toBeGreaterThan(15);
    expect(near(2.1) + near(4)).toBe(values.length);
  });

  it('the same seed gives the same row', () => {
    const said = (seed: number) =>
      STAND_INS.caliper(new Chance(seed))
        .advance(0, 2)
        .map(({ text }) => text);
    expect(said(5)).toEqual(said(5));
    expect(said(5)).not.toEqual(said(6));
  });
});

import type { Kind, Stored, ToolBody } from '@pike-stone/contract';
import { recordKey, sendWaiting, useOutbox, type Outgoing } from './outbox';

type Answer = { status: number; body?: unknown } | 'away';

const A = '0192f000-0001-7000-8000-00000000000a';
const B = '0192f000-0001-7000-8000-00000000000b';
const drill = (name: string): ToolBody => ({
  kind: 'drill',
  name,
  material: 'hss',
  dull: false,
  diameterMm: 10,
  note: '',
});

const entry = (name: string, more: Partial<Outgoing> = {}): Outgoing => ({
  kind: 'tools',
  id: A,
  version: 1,
  archived: false,
  body: drill(name),
  queuedAt: '2026-11-02T10:00:00.000Z',
  state: 'waiting',
  ...more,
});
const stored = (name: string, version: number): Stored<Kind> => ({
  id: A,
  version,
  archived: false,
  updatedAt: '2026-11-02T10:00:00.000Z',
  body: drill(name),
});
const conflict = (current: Stored<Kind>) => ({
  status: 409,
  body: {
    type: 'about:blank',
    title: 'Changed meanwhile',
    status: 409,
    detail: 'Someone was faster.',
    current,
  },
});

let sent: { version: number; body: { name: string } }[];
let answers: Answer[];
let during: (() => void) | null;

beforeEach(() => {
  useOutbox.setState({ entries: [], lastSent: {}, reachable: true });
  sent = [];
  answers = [];
  during = null;
  global.fetch = jest.fn(async (_path: unknown, init?: RequestInit) => {
    sent.push(JSON.parse(String(init?.body)));
    during?.();
    during = null;
    const answer = answers.shift() ?? 'away';
    if (answer === 'away') throw new TypeError('no network');
    return { ok: answer.status === 200, status: answer.status, json: async () => answer.body } as Response;
  }) as typeof fetch;
});

const entries = () => useOutbox.getState().entries;
const saved: Stored<Kind>[] = [];
const send = () => sendWaiting((_, record) => saved.push(record));

describe('what waits to be sent', () => {
  it('leaves the device when the server has it', async () => {
    useOutbox.getState().enqueue(entry('one'));
    answers = [{ status: 200, body: stored('one', 2) }];
    await send();
    expect(entries()).toEqual([]);
    expect(saved.at(-1)?.version).toBe(2);
  });

  it('stays, in order, while nobody answers, and stops trying at the first', async () => {
    useOutbox.getState().enqueue(entry('one'));
    useOutbox.getState().enqueue(entry('two', { id: B }));
    await send();
    expect(sent).toHaveLength(1);
    expect(entries().map(({ id, state }) => [id, state])).toEqual([
      [A, 'waiting'],
      [B, 'waiting'],
    ]);
    expect(useOutbox.getState().reachable).toBe(false);
  });

  it('is replaced by a later change of the same record, made from the same version', async () => {
    useOutbox.getState().enqueue(entry('one', { version: 4 }));
    useOutbox.getState().enqueue(entry('two', { version: 9 }));
    expect(entries()).toMatchObject([{ version: 4, body: { name: 'two' } }]);
  });

  it('goes out again when it was changed on its way, also when only put away', async () => {
    const first = entry('one');
    useOutbox.getState().enqueue(first);
    answers = [
      { status: 200, body: stored('one', 2) },
      { status: 200, body: { ...stored('one', 3), archived: true } },
    ];
    during = () => useOutbox.getState().enqueue({ ...first, archived: true });
    await send();
    await send();
    expect(sent.map(({ version }) => version)).toEqual([1, 2]);
    expect(entries()).toEqual([]);
  });

  it('has an answer of its own beside the photo of the same id', async () => {
    useOutbox.getState().enqueue(entry('one'));
    useOutbox.getState().enqueue(entry('', { kind: 'photos', version: 0, body: { jpeg: '' } }));
    answers = [
      conflict(stored('theirs', 5)),
      { status: 200, body: { ...stored('', 1), body: { jpeg: '' } } },
    ];
    const results = await send();
    expect(results.get(recordKey('tools', A))?.sent).toBe('conflict');
    expect(results.get(recordKey('photos', A))?.sent).toBe('saved');
  });

  it('is kept and shown when someone else was faster', async () => {
    useOutbox.getState().enqueue(entry('mine'));
    answers = [conflict(stored('theirs', 5))];
    const results = await send();
    expect(results.get(recordKey('tools', A))?.sent).toBe('conflict');
    expect(entries()).toMatchObject([{ state: 'conflict', body: { name: 'mine' }, current: { version: 5 } }]);
  });

  it('is not a conflict when the faster one was this very device, whose answer got lost', async () => {
    useOutbox.getState().enqueue(entry('one'));
    await send();
    useOutbox.getState().enqueue(entry('two'));
    answers = [conflict(stored('one', 2)), { status: 200, body: stored('two', 3) }];
    await send();
    expect(sent.map(({ version, body }) => [version, body.name])).toEqual([
      [1, 'one'],
      [1, 'two'],
      [2, 'two'],
    ]);
    expect(entries()).toEqual([]);
  });

  it('is kept with the reason when the server refuses it', async () => {
    useOutbox.getState().enqueue(entry(''));
    answers = [
      {
        status: 400,
        body: {
          type: 'about:blank',
          title: 'Something does not fit',
          status: 400,
          detail: 'Look at the fields.',
          fields: [{ path: 'body.name', message: 'Give it a name.' }],
        },
      },
    ];
    await send();
    expect(entries()).toMatchObject([{ state: 'refused', why: 'Look at the fields.' }]);
  });

  it('from before tools had their own sizes goes out in today’s shape', async () => {
    const flat = {
      ...{ kind: 'reamer', name: 'Old', material: 'hss', dull: false, note: '' },
      ...{ diameterMm: 8, teeth: 6, fluteLengthMm: 25, noseRadiusMm: 0.4, approachDeg: 90, cornerDeg: 80 },
    };
    const kept = {
      entries: [{ ...entry('x'), body: flat }],
      lastSent: { [`tools/${A}`]: { archived: false, body: flat } },
    };
    localStorage.setItem('pike-outbox', JSON.stringify({ state: kept, version: 0 }));
    await useOutbox.persist.rehydrate();
    const today = {
      kind: 'reamer',
      name: 'Old',
      material: 'hss',
      dull: false,
      note: '',
      diameterMm: 8,
      teeth: 6,
    };
    expect(entries()[0]!.body).toEqual(today);
    expect(useOutbox.getState().lastSent[`tools/${A}`]!.body).toEqual(today);
  });
});

import type { Kind, Stored, ToolBody } from '@pike-stone/contract';
import { IDBFactory } from 'fake-indexeddb';
import 'fake-indexeddb/auto';
import { useAside } from './aside';
import { enqueue, loadOutbox, sendAgain, takeOverOutbox, takeOverWritten, useOutbox } from './outbox';
import { recordKey, type Outgoing } from './outgoing';
import { drill } from './drill.fixture';
import { closePlace, place } from './place';
import { outcomeOf, sendWaiting } from './send';

type Answer = { status: number; body?: unknown } | 'away';

const A = '0192f000-0001-7000-8000-00000000000a';
const B = '0192f000-0001-7000-8000-00000000000b';
const SHOP = '0192f000-0000-7000-8000-000000000001';

const entry = (name: string, more: Partial<Outgoing> = {}) => ({
  kind: 'tools' as const,
  id: A,
  version: 1,
  archived: false,
  body: drill(name),
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

beforeEach(async () => {
  await closePlace();
  global.indexedDB = new IDBFactory();
  localStorage.clear();
  useOutbox.setState({ shop: SHOP, entries: [], onlyHere: [], reachable: true });
  useAside.setState({ things: [] });
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
    await enqueue(entry('one'));
    answers = [{ status: 200, body: stored('one', 2) }];
    await send();
    expect(entries()).toEqual([]);
    expect(saved.at(-1)?.version).toBe(2);
  });

  it('stays, in order, while nobody answers, and stops trying at the first', async () => {
    await enqueue(entry('one'));
    await enqueue(entry('two', { id: B }));
    await send();
    expect(sent).toHaveLength(1);
    expect(entries().map(({ id, state }) => [id, state])).toEqual([
      [A, 'waiting'],
      [B, 'waiting'],
    ]);
    expect(useOutbox.getState().reachable).toBe(false);
  });

  it('is replaced by a later change of the same record, made from the same version', async () => {
    await enqueue(entry('one', { version: 4 }));
    await enqueue(entry('two', { version: 9 }));
    expect(entries()).toMatchObject([{ version: 4, body: { name: 'two' } }]);
  });

  it('goes out again when it was changed on its way, also when only put away', async () => {
    const first = entry('one');
    await enqueue(first);
    answers = [
      { status: 200, body: stored('one', 2) },
      { status: 200, body: { ...stored('one', 3), archived: true } },
    ];
    during = () => void enqueue({ ...first, archived: true });
    await send();
    await send();
    expect(sent.map(({ version }) => version)).toEqual([1, 2]);
    expect(entries()).toEqual([]);
  });

  it('has an answer of its own beside the photo of the same id', async () => {
    await enqueue(entry('one'));
    await enqueue(entry('', { kind: 'photos', version: 0, body: { jpeg: '' } }));
    answers = [
      conflict(stored('theirs', 5)),
      { status: 200, body: { ...stored('', 1), body: { jpeg: '' } } },
    ];
    await send();
    expect(outcomeOf('tools', A)?.sent).toBe('conflict');
    expect(outcomeOf('photos', A)?.sent).toBe('saved');
  });

  it('is kept and shown when someone else was faster', async () => {
    await enqueue(entry('mine'));
    answers = [conflict(stored('theirs', 5))];
    await send();
    expect(outcomeOf('tools', A)?.sent).toBe('conflict');
    expect(entries()).toMatchObject([{ state: 'conflict', body: { name: 'mine' }, current: { version: 5 } }]);
  });

  it('is not a conflict when the faster one was this very device, whose answer got lost', async () => {
    await enqueue(entry('one'));
    await send();
    await enqueue(entry('two'));
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
    await enqueue(entry(''));
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
    expect(entries()).toMatchObject([{ state: 'refused', why: 'Give it a name.' }]);
  });

  it('can be sent again after it was refused', async () => {
    await enqueue(entry('one'));
    answers = [
      { status: 400, body: { type: 'about:blank', title: 'No', status: 400, detail: 'Not so.' } },
      { status: 200, body: stored('one', 2) },
    ];
    await send();
    await sendAgain(entries()[0]!);
    await send();
    expect(entries()).toEqual([]);
  });

  it.each([500, 502, 503, 507, 429, 408, 401])(
    'waits, and is not refused, when the answer is %d',
    async (status) => {
      await enqueue(entry('one'));
      answers = [{ status, body: { type: 'about:blank', title: 'Not now', status, detail: 'Later.' } }];
      await send();
      expect(outcomeOf('tools', A)?.sent).toBe('waiting');
      expect(entries()).toMatchObject([{ state: 'waiting' }]);
      expect(useOutbox.getState().reachable).toBe(true);
    },
  );

  it('of two tabs is all kept, though neither knew of the other’s', async () => {
    await enqueue(entry('of one tab'));
    // The other tab was opened before that, and has nothing in its own memory.
    useOutbox.setState({ entries: [] });
    await enqueue(entry('of the other', { id: B }));
    await loadOutbox(SHOP);
    expect(entries().map(({ body }) => (body as ToolBody).name)).toEqual(['of one tab', 'of the other']);
  });

  it('is sent in the order in which it was written, also within one millisecond', async () => {
    const now = jest.spyOn(Date, 'now').mockReturnValue(1_800_000_000_000);
    await enqueue(entry('first', { id: B }));
    await enqueue(entry('second', { id: A }));
    now.mockRestore();
    await loadOutbox(SHOP);
    expect(entries().map(({ id }) => id)).toEqual([B, A]);
  });

  it('belongs to its shop', async () => {
    await enqueue(entry('ours'));
    await loadOutbox('0192f000-0000-7000-8000-000000000099');
    expect(entries()).toEqual([]);
    await loadOutbox(SHOP);
    expect(entries()).toHaveLength(1);
  });

  it('written at the last moment in one shop is not taken into another', async () => {
    void enqueue(entry('ours'));
    const other = '0192f000-0000-7000-8000-000000000099';
    await takeOverWritten(other);
    await loadOutbox(other);
    expect(entries()).toEqual([]);
  });

  it('is held up with the server’s own words, and not when it is taken', async () => {
    await enqueue(entry('one'));
    answers = [
      { status: 507, body: { type: 'about:blank', title: 'Full', status: 507, detail: 'The disk is full.' } },
      { status: 200, body: stored('one', 2) },
    ];
    await send();
    expect(useOutbox.getState().heldUp).toBe('The disk is full.');
    await send();
    expect(useOutbox.getState().heldUp).toBeNull();
  });

  it('lives in the page where the device has no room, is said so, and is kept when there is room', async () => {
    const full = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(await enqueue(entry('one'))).toBe(false);
    expect(useOutbox.getState().onlyHere).toEqual([recordKey('tools', A)]);
    full.mockRestore();
    await loadOutbox(SHOP);
    expect(useOutbox.getState().onlyHere).toEqual([]);
    expect(await (await place())!.getAll('outgoing')).toHaveLength(1);
  });

  it('that cannot be read is set aside and reported, and the others are there', async () => {
    await enqueue(entry('good'));
    const database = (await place())!;
    await database.put('outgoing', { nonsense: true } as never, [SHOP, 'tools', B]);
    await database.put('outgoing', { ...entries()[0]!, body: { kind: 'drill' } } as never, [SHOP, 'cuts', B]);
    await loadOutbox(SHOP);
    expect(entries()).toHaveLength(1);
    await new Promise((go) => setTimeout(go, 20));
    expect(useAside.getState().things.map(({ what }) => what)).toEqual([
      'a write that waited (cuts)',
      'a write that waited (tools)',
    ]);
    expect(await database.getAll('aside')).toHaveLength(2);
  });

  it('of a page that was closed at that moment is there when the next one opens', async () => {
    // The page is gone before its database had the time to take it.
    void enqueue(entry('at the last moment'));
    const written = Object.entries({ ...localStorage }) as [string, string][];
    await closePlace();
    global.indexedDB = new IDBFactory();
    localStorage.clear();
    for (const [name, text] of written) localStorage.setItem(name, text);
    useOutbox.setState({ entries: [], onlyHere: [] });
    await takeOverWritten(SHOP);
    await loadOutbox(SHOP);
    expect(entries().map(({ body }) => (body as ToolBody).name)).toEqual(['at the last moment']);
    expect(localStorage.length).toBe(0);
  });

  it('from before there was a database is taken over, in today’s shape', async () => {
    const flat = {
      ...{ kind: 'reamer', name: 'Old', material: 'hss', dull: false, note: '' },
      ...{ diameterMm: 8, teeth: 6, fluteLengthMm: 25, noseRadiusMm: 0.4, approachDeg: 90, cornerDeg: 80 },
    };
    const waiting = { ...entry('x'), queuedAt: '2026-11-02T10:00:00.000Z', state: 'waiting', body: flat };
    localStorage.setItem('pike-outbox', JSON.stringify({ state: { entries: [waiting] }, version: 0 }));
    await takeOverOutbox(SHOP);
    await loadOutbox(SHOP);
    expect(entries()[0]!.body).toEqual({
      kind: 'reamer',
      name: 'Old',
      material: 'hss',
      dull: false,
      note: '',
      diameterMm: 8,
      teeth: 6,
    });
    expect(localStorage.getItem('pike-outbox')).toBeNull();
  });
});

test('what is changed while the outbox is read again stays as it was changed', async () => {
  const shown = () => useOutbox.getState().entries.map(({ body }) => (body as ToolBody).name);
  // At every moment of the reading: before the database is asked, while it answers, and after.
  for (let moments = 0; moments < 40; moments += 1) {
    const loading = loadOutbox(SHOP);
    for (let i = 0; i < moments; i += 1) await (i < 20 ? null : new Promise((go) => setTimeout(go, 0)));
    const kept = enqueue(entry(`Drill ${moments}`));
    expect(shown()).toEqual([`Drill ${moments}`]);
    await loading;
    expect(shown()).toEqual([`Drill ${moments}`]);
    await kept;
    expect(shown()).toEqual([`Drill ${moments}`]);
  }
});

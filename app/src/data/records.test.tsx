import type { List, Stored } from '@pike-stone/contract';
import { bringLaterBodies } from '@pike-stone/contract/later';
import { act, render, screen, waitFor } from '@testing-library/react';
import { SWRConfig } from 'swr';
import { IDBFactory } from 'fake-indexeddb';
import 'fake-indexeddb/auto';
import type { Cache } from 'swr';
import { beginSync } from '../sync/begin';
import { drill } from '../sync/drill.fixture';
import { closePlace, place } from '../sync/place';
import { useOutbox } from '../sync/outbox';
import { usePreferences } from './preferences';
import { bringLists, forgetAsked, save, useRecords } from './records';
import { useShopCache } from '../sync/shop-cache';

bringLaterBodies();

const [A, B, C] = [1, 2, 3].map((n) => `0192f000-0001-7000-8000-00000000000${n}`) as [string, string, string];
const stored = (id: string, name: string, version = 1): Stored<'tools'> => ({
  id,
  version,
  archived: false,
  updatedAt: '2026-11-02T10:00:00.000Z',
  body: drill(name),
});

let shelf: Stored<'tools'>[];
let away: boolean;

let answers: Cache;
beforeEach(async () => {
  await closePlace();
  global.indexedDB = new IDBFactory();
  localStorage.clear();
  answers = await beginSync();
  forgetAsked();
  useOutbox.setState({ shop: null, entries: [], onlyHere: [], reachable: true });
  shelf = [stored(B, 'Reamer'), stored(A, 'Drill')];
  away = false;
  global.fetch = jest.fn(async (path: unknown, init?: RequestInit) => {
    if (away) throw new TypeError('no network');
    const answer = (body: unknown) => ({ ok: true, status: 200, json: async () => body }) as Response;
    if (path === '/api/session') return answer({ shop: { id: C, name: 'Shop' }, entry: 'open' });
    if (init?.method !== 'PUT') return answer({ records: shelf, next: null, total: shelf.length });
    const id = String(path).split('/').at(-1)!;
    const written = {
      ...stored(id, '', 1),
      ...JSON.parse(String(init.body)),
      id,
      version: (JSON.parse(String(init.body)).version as number) + 1,
    };
    shelf = [written, ...shelf.filter((record) => record.id !== id)];
    return answer(written);
  }) as typeof fetch;
});

function List() {
  useShopCache();
  const { records, loading, error } = useRecords('tools');
  return (
    <p data-testid="list">
      {loading
        ? 'loading'
        : error && records.length === 0
          ? 'error'
          : records
              .map((record) => `${record.body.name} v${record.version}${record.waiting ? ' waiting' : ''}`)
              .join(', ')}
    </p>
  );
}
function House({ open }: { open: boolean }) {
  useShopCache();
  return open ? <List /> : null;
}
/** The application, with the list open or with a page that needs none. */
const page = (open: boolean) => (
  <SWRConfig value={{ provider: () => answers, dedupingInterval: 0, errorRetryCount: 0 }}>
    <House open={open} />
  </SWRConfig>
);
const show = () => render(page(true));
const list = () => screen.getByTestId('list').textContent;
/** Turns of the event loop in which all that was begun comes to its end: as many on a busy computer as on an idle one. */
const TURNS = 30;
const settled = () =>
  act(async () => {
    for (let i = 0; i < TURNS; i += 1) await new Promise((resolve) => setTimeout(resolve, 1));
  });

test('records are read once the shop is known', async () => {
  show();
  expect(list()).toBe('loading');
  await settled();
  expect(list()).toBe('Reamer v1, Drill v1');
});

test('a write shows at once, and as stored when the server has it, without reading the list again', async () => {
  show();
  await settled();
  const reads = () =>
    (global.fetch as jest.Mock).mock.calls.filter(
      ([path, init]) => path === '/api/tools' && init?.method !== 'PUT',
    ).length;
  const before = reads();
  let done: Promise<unknown>;
  act(() => {
    done = save('tools', A, 1, drill('Drill, long'));
  });
  expect(list()).toBe('Reamer v1, Drill, long v1 waiting');
  await act(async () => {
    await done;
  });
  expect(list()).toBe('Reamer v1, Drill, long v2');
  expect(reads()).toBe(before);
});

test('a new record stands first, also while it waits', async () => {
  show();
  await settled();
  away = true;
  await act(async () => {
    await save('tools', C, 0, drill('Tap'));
  });
  expect(list()).toBe('Tap v0 waiting, Reamer v1, Drill v1');
  expect(useOutbox.getState().reachable).toBe(false);
});

test('a list that was asked for in the background before a write does not hide what was written', async () => {
  const isTools = (path: unknown) => String(path).startsWith('/api/tools?');
  // Lists are answered late, each as it was when it was asked for.
  const late: (() => void)[] = [];
  const fetchNow = global.fetch;
  global.fetch = jest.fn((path: RequestInfo | URL, init?: RequestInit) => {
    if (path === '/api/session' || init?.method === 'PUT') return fetchNow(path, init);
    const records = isTools(path) ? [...shelf] : [];
    const answered = {
      ok: true,
      status: 200,
      json: async () => ({ records, next: null, total: null }),
    } as Response;
    if (!isTools(path)) return Promise.resolve(answered);
    return new Promise<Response>((resolve) => {
      late.push(() => resolve(answered));
    });
  });
  const { rerender } = render(page(false));
  let brought: Promise<void>;
  act(() => {
    brought = bringLists();
  });
  await settled();
  await act(async () => {
    await save('tools', C, 0, drill('Tap'));
  });
  rerender(page(true));
  await settled();
  // The page waits for the answer that is on its way; that one is older than what was written.
  expect(late).toHaveLength(1);
  expect(list()).toBe('loading');
  late[0]!();
  await act(async () => {
    await brought;
  });
  expect(late).toHaveLength(2);
  late[1]!();
  await settled();
  expect(list()).toBe('Tap v1, Reamer v1, Drill v1');
});

test('a list asked for in the background takes the place of what was kept of it', async () => {
  answers.set('/api/session', { data: { shop: { id: C, name: 'Shop' }, entry: 'open' } });
  answers.set('/api/tools', { data: { records: [stored(A, 'Old')], aside: [], next: null, total: 1 } });
  const { rerender } = render(page(false));
  await act(async () => {
    await bringLists();
  });
  rerender(page(true));
  await settled();
  expect(list()).toBe('Reamer v1, Drill v1');
});

test('a page that waits for a list asked for in the background says so when the server does not answer', async () => {
  away = true;
  let brought: Promise<void>;
  act(() => {
    brought = bringLists();
  });
  answers.set('/api/session', { data: { shop: { id: C, name: 'Shop' }, entry: 'open' } });
  show();
  expect(list()).toBe('loading');
  await act(async () => {
    await brought;
  });
  await settled();
  expect(list()).toBe('error');
});

test('what is put away in the list is put away in the page', async () => {
  show();
  await settled();
  await act(async () => {
    await save('tools', B, 1, drill('Reamer'), true);
  });
  expect(shelf[0]).toMatchObject({ id: B, archived: true });
});

test('a page opened without the server shows the last answers', async () => {
  const first = show();
  await waitFor(() => expect(list()).toBe('Reamer v1, Drill v1'));
  // An answer that came before the shop was known is kept when the page is hidden the next time.
  await waitFor(async () => {
    window.dispatchEvent(new Event('pagehide'));
    expect(await (await place())!.get('answers', [C, '/api/tools'])).toBeDefined();
  });
  first.unmount();
  away = true;
  useOutbox.setState({ shop: null });
  answers = await beginSync();
  show();
  await waitFor(() => expect(list()).toBe('Reamer v1, Drill v1'));
});

test('a list kept from before tools had their own sizes is shown in today’s shape, and one that is none is left out', async () => {
  const flat = {
    ...{ kind: 'reamer', name: 'Old', material: 'hss', dull: false, note: '' },
    ...{ diameterMm: 8, teeth: 6, fluteLengthMm: 25, noseRadiusMm: 0.4, approachDeg: 90, cornerDeg: 80 },
  };
  const record = { id: A, version: 3, archived: false, updatedAt: '2026-11-02T10:00:00.000Z', body: flat };
  const nonsense = { ...record, id: B, body: { kind: 'reamer' } };
  const database = (await place())!;
  await database.put('about', C, 'shop');
  await database.put('answers', { records: [record, nonsense] }, [C, '/api/tools']);
  await database.put('answers', 'nonsense', [C, '/api/machines']);
  answers = await beginSync();
  expect(answers.get('/api/machines')).toBeUndefined();
  const { records, aside } = answers.get('/api/tools')!.data as List<'tools'>;
  expect(aside.map(({ id }) => id)).toEqual([B]);
  expect(records).toEqual([
    {
      ...record,
      body: { kind: 'reamer', name: 'Old', material: 'hss', dull: false, note: '', diameterMm: 8, teeth: 6 },
    },
  ]);
});

test('the last five sizes of a place are kept, newest first, each once', () => {
  const { remember } = usePreferences.getState();
  for (const mm of [1, 2, 3, 2, 4, 5, 6]) remember('depth', mm);
  expect(usePreferences.getState().recent.depth).toEqual([6, 5, 4, 2, 3]);
});

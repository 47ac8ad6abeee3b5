import { IDBFactory } from 'fake-indexeddb';
import 'fake-indexeddb/auto';
import { firstPage } from '../data/records';
import { answerTo } from './api';
import { beginSync } from './begin';
import { drill } from './drill.fixture';
import { askEarly, FIRST_LISTS } from './early';
import { closePlace, place } from './place';
import { forgetAhead, isComing } from './shop-cache';
import { bringLaterBodies } from '@pike-stone/contract/later';

bringLaterBodies();

const [A, B, OURS, OTHERS] = [1, 2, 3, 4].map((n) => `0192f000-0001-7000-8000-00000000000${n}`) as [
  string,
  string,
  string,
  string,
];
const record = (id: string, name: string) => ({
  ...{ id, version: 1, archived: false, updatedAt: '2026-11-02T10:00:00.000Z' },
  body: drill(name),
});
const kept = { records: [record(A, 'Kept')], next: null, total: 1 };

let asked: string[];
let session: unknown;
let lists: (path: string) => unknown;
beforeEach(async () => {
  await closePlace();
  global.indexedDB = new IDBFactory();
  localStorage.clear();
  forgetAhead();
  asked = [];
  session = { shop: { id: OURS, name: 'Shop' }, entry: 'open' };
  lists = (path) => ({
    records: path.startsWith('/api/tools') ? [record(B, 'Fresh')] : [],
    next: null,
    total: null,
  });
  const answer = (body: unknown) => {
    const made = { ok: true, status: 200, json: async () => body, clone: () => made };
    return made as unknown as Response;
  };
  global.fetch = jest.fn(async (path: string, init?: RequestInit) => {
    asked.push(init?.method ? `${init.method} ${path}` : path);
    return path === '/api/session' ? answer(session) : answer(lists(path));
  }) as unknown as typeof fetch;
  global.Response = { error: () => ({ ok: false, status: 0, json: async () => undefined }) } as never;
});
const toolNames = (answers: Awaited<ReturnType<typeof beginSync>>) =>
  (answers.get('/api/tools')?.data as { records: { body: { name: string } }[] } | undefined)?.records.map(
    ({ body }) => body.name,
  );

test('the lists asked for early are the ones that the application asks for', () => {
  expect(FIRST_LISTS).toEqual([
    ...(['machines', 'stock', 'tools', 'metals', 'rules', 'cuts'] as const).map(firstPage),
    '/api/learned',
  ]);
});

test('the first page begins with what came early, and with what was kept of the rest', async () => {
  const database = (await place())!;
  await database.put('about', OURS, 'shop');
  await database.put('answers', kept, [OURS, '/api/tools']);
  await database.put('answers', { records: [], next: null, total: 7 }, [OURS, '/api/grinds']);
  await askEarly();
  expect(asked).toEqual(['/api/session', ...FIRST_LISTS]);
  const answers = await beginSync();
  expect(toolNames(answers)).toEqual(['Fresh']);
  expect(answers.get('/api/grinds')?.data).toMatchObject({ total: 7 });
  // What is here is not asked for again by the page that shows it; what was only kept is.
  expect([isComing('/api/session'), isComing('/api/tools'), isComing('/api/grinds')]).toEqual([
    true,
    true,
    false,
  ]);
});

test('a new device comes in; a device that needs a code asks for no list', async () => {
  session = { shop: null, entry: 'open' };
  await askEarly();
  expect(asked.slice(0, 2)).toEqual(['/api/session', 'POST /api/session']);
  asked = [];
  session = { shop: null, entry: 'code' };
  await askEarly();
  expect(asked).toEqual(['/api/session']);
  expect((await beginSync()).get('/api/session')).toBeUndefined();
});

test('what came from another shop is not shown with what was kept of this one', async () => {
  const database = (await place())!;
  await database.put('about', OURS, 'shop');
  await database.put('answers', kept, [OURS, '/api/tools']);
  session = { shop: { id: OTHERS, name: 'Other' }, entry: 'open' };
  await askEarly();
  expect(toolNames(await beginSync())).toEqual(['Kept']);
});

test('of a list with more pages than one, nothing is taken for the whole', async () => {
  lists = () => ({ records: [record(B, 'Fresh')], next: 'more', total: null });
  await askEarly();
  expect(toolNames(await beginSync())).toBeUndefined();
});

test('an early answer is taken once, and none after something is written', async () => {
  await askEarly();
  asked = [];
  const [first, second] = FIRST_LISTS;
  await answerTo(first, {});
  expect(asked).toEqual([]);
  await answerTo(first, {});
  expect(asked).toEqual([first]);
  await answerTo('/api/tools/1', { method: 'PUT' });
  await answerTo(second, {});
  expect(asked).toEqual([first, 'PUT /api/tools/1', second]);
});

test('an answer that is old is asked for anew', async () => {
  await askEarly();
  asked = [];
  const [first] = FIRST_LISTS;
  const now = Date.now();
  const clock = jest.spyOn(Date, 'now').mockReturnValue(now + 60_000);
  await answerTo(first, {});
  expect(asked).toEqual([first]);
  clock.mockRestore();
});

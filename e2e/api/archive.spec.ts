import { createHash } from 'node:crypto';
import { encode } from 'jpeg-js';
import { once } from 'node:events';
import { get, type IncomingMessage } from 'node:http';
import type { APIRequestContext } from '@playwright/test';
import { v7 as uuidv7 } from 'uuid';
import { DEMO } from '../fixtures/demo';
import { neighbour } from '../fixtures/neighbour';
import { enter, expect, owner, test } from '../fixtures/shop';
import { unzip, zipped, type Files } from '../fixtures/zip';

const JPEG = encode({ data: Buffer.alloc(4 * 8 * 8, 120), width: 8, height: 8 }, 50).data.toString('base64');

interface Line {
  id: string;
  version: number;
  archived: boolean;
  updatedAt: string;
  body: Record<string, unknown>;
}
interface Counts {
  kind: string;
  fresh: number;
  same: number;
  differs: number;
  bad: number;
  names: string[];
}
interface Answer {
  taken: boolean;
  shop: string;
  kinds: Counts[];
  faults: { file: string; line: number; why: string }[];
  changed: string[];
  state: string;
}
interface Manifest {
  format: string;
  version: number;
  files: { path: string; bytes: number; sha256: string; records?: number }[];
}

const saved = async (request: APIRequestContext, headers = {}): Promise<Files> => {
  const answer = await request.get('/api/archive', { headers });
  expect(answer.status()).toBe(200);
  return unzip(await answer.body());
};
const manifestOf = (files: Files) => JSON.parse(files.get('manifest.json')!.toString()) as Manifest;
const linesOf = (files: Files, kind: string): Line[] =>
  files
    .get(`records/${kind}.jsonl`)!
    .toString()
    .split('\n')
    .filter(Boolean)
    .map((line) => JSON.parse(line) as Line);
const withLines = (files: Files, kind: string, lines: readonly (Line | string)[]): Files =>
  new Map([
    ...files,
    [
      `records/${kind}.jsonl`,
      Buffer.from(lines.map((one) => (typeof one === 'string' ? one : JSON.stringify(one))).join('\n')),
    ],
  ]);
const post = (request: APIRequestContext, data: Buffer, take = 'none', headers = {}, state = '') =>
  request.post(`/api/archive?take=${take}&state=${state}`, {
    data,
    headers: { 'Content-Type': 'application/zip', ...headers },
  });
const read = async (request: APIRequestContext, files: Files, take = 'none', headers = {}, state = '') => {
  const answer = await post(request, await zipped(files), take, headers, state);
  expect(answer.status()).toBe(200);
  return (await answer.json()) as Answer;
};
const countsOf = ({ kinds }: Answer, kind: string) => kinds.find((one) => one.kind === kind);
const sum = ({ kinds }: Answer, of: 'fresh' | 'same' | 'differs' | 'bad') =>
  kinds.reduce((all, one) => all + one[of], 0);

test.describe('the whole shop as one file', () => {
  test.beforeEach(async ({ request }) => {
    await enter(request);
    await request.put(`/api/photos/${DEMO.tool.knife}`, {
      data: { version: 0, archived: false, body: { jpeg: JPEG } },
    });
  });

  test('holds every record once, each picture as a file, and says truly what is in it', async ({
    request,
    shop,
  }) => {
    const files = await saved(request);
    const manifest = manifestOf(files);
    expect(manifest).toMatchObject({ format: 'pike-stone-shop', version: 1 });
    expect(manifest.files.map(({ path }) => path).sort()).toEqual(
      [...files.keys()].filter((path) => path !== 'manifest.json').sort(),
    );
    for (const { path, bytes, sha256 } of manifest.files) {
      expect(files.get(path)!.length, path).toBe(bytes);
      expect(createHash('sha256').update(files.get(path)!).digest('hex'), path).toBe(sha256);
    }
    const [counts] = await owner(shop.ownerUrl, async (client) => {
      const { rows } = await client.query<Record<string, string>>(
        `select (select count(*) from tool) as tools, (select count(*) from cut) as cuts,
          (select count(*) from ledger_entry) as ledger, (select count(*) from grind) as grinds`,
      );
      return rows;
    });
    for (const [kind, count] of Object.entries(counts!)) {
      const lines = linesOf(files, kind);
      expect(new Set(lines.map(({ id }) => id)).size, kind).toBe(Number(count));
      expect(manifest.files.find(({ path }) => path === `records/${kind}.jsonl`)!.records).toBe(
        Number(count),
      );
    }
    const stored = (await (await request.get(`/api/tools/${DEMO.tool.knife}`)).json()) as Line;
    expect(linesOf(files, 'tools').find(({ id }) => id === DEMO.tool.knife)).toEqual(stored);
    expect(files.get(`photos/${DEMO.tool.knife}.jpg`)!.toString('base64')).toBe(JPEG);
  });

  test('taken into an empty shop it is the same shop, and taken in twice it changes nothing', async ({
    request,
    shop,
  }) => {
    const files = await saved(request);
    const { cookie } = await neighbour(shop);
    const there = { Cookie: cookie };

    const trial = await read(request, files, 'none', there);
    expect(trial.taken).toBe(false);
    expect([sum(trial, 'bad'), trial.faults, trial.changed]).toEqual([0, [], []]);
    expect(await (await request.get('/api/tools', { headers: there })).json()).toMatchObject({ total: 0 });

    const taken = await read(request, files, 'new', there);
    expect(taken.kinds).toEqual(trial.kinds);
    expect(taken.taken).toBe(true);
    const again = await saved(request, there);
    for (const kind of [
      'machines',
      'metals',
      'stock',
      'tools',
      'supplies',
      'ledger',
      'bits',
      'grinds',
      'wheel-book',
      'sharpenings',
      'cuts',
      'photos',
    ])
      expect(linesOf(again, kind), kind).toEqual(linesOf(files, kind));
    expect(linesOf(again, 'rules')[0]!.body).toEqual(linesOf(files, 'rules')[0]!.body);
    expect(await (await request.get('/api/tools?limit=1', { headers: there })).json()).toMatchObject({
      total: linesOf(files, 'tools').length,
    });

    const looked = await read(request, files, 'none', there);
    const second = await read(request, files, 'all', there, looked.state);
    expect(sum(second, 'same')).toBe(sum(trial, 'fresh'));
    expect([sum(second, 'fresh'), sum(second, 'differs'), sum(second, 'bad')]).toEqual([0, 0, 0]);
    const after = await saved(request, there);
    expect(linesOf(after, 'tools')).toEqual(linesOf(files, 'tools'));
  });

  test('a record that differs is kept as it is here, or taken from the file, as one says', async ({
    request,
  }) => {
    const files = await saved(request);
    const path = `/api/tools/${DEMO.tool.drill85}`;
    const here = (await (await request.get(path)).json()) as Line;
    const body = { ...here.body, name: 'Drill 8.5, sharpened' };
    const changed = await request.put(path, { data: { version: here.version, archived: false, body } });
    expect(changed.status()).toBe(200);

    const trial = await read(request, files);
    expect(countsOf(trial, 'tools')).toMatchObject({ fresh: 0, differs: 1, names: [here.body.name] });
    await read(request, files, 'new');
    expect(await (await request.get(path)).json()).toMatchObject({ version: here.version + 1, body });

    // Changed once more after somebody looked: nothing is written over unseen.
    const later = { version: here.version + 1, archived: false, body: { ...body, note: 'Later' } };
    expect((await request.put(path, { data: later })).status()).toBe(200);
    const stale = await post(request, await zipped(files), 'all', {}, trial.state);
    expect(stale.status()).toBe(409);
    expect((await post(request, await zipped(files), 'all')).status()).toBe(409);
    expect(await (await request.get(path)).json()).toMatchObject({ body: later.body });
    const { state } = await read(request, files);
    await read(request, files, 'all', {}, state);
    expect(await (await request.get(path)).json()).toMatchObject({
      version: here.version + 3,
      body: here.body,
    });
  });

  test('lines that cannot be read are named with the reason, and the others are taken in', async ({
    request,
  }) => {
    const files = await saved(request);
    const [first, second] = linesOf(files, 'cuts') as [Line, Line];
    const [tool] = linesOf(files, 'tools') as [Line];
    const [entry] = linesOf(files, 'ledger') as [Line];
    const fresh = { ...tool, id: uuidv7(), body: { ...tool.body, name: 'Fresh' } };
    const changed = withLines(
      withLines(
        withLines(files, 'tools', [
          fresh,
          '{"id": half',
          { ...fresh, id: 'tool-7' },
          { ...fresh, id: uuidv7(), body: { ...tool.body, name: '' } },
          { ...fresh, id: uuidv7(), body: { ...tool.body, note: 'zero \u0000 character' } },
        ]),
        'cuts',
        [
          { ...first, id: uuidv7(), body: { ...first.body, toolId: uuidv7() } },
          { ...second, id: uuidv7() },
        ],
      ),
      'ledger',
      [{ ...entry, id: uuidv7(), version: 2 }],
    );
    const answer = await read(request, changed, 'new');
    expect(countsOf(answer, 'tools')).toMatchObject({ fresh: 1, bad: 4 });
    expect(countsOf(answer, 'cuts')).toMatchObject({ fresh: 1, bad: 1 });
    expect(countsOf(answer, 'ledger')).toMatchObject({ fresh: 0, bad: 1 });
    expect(answer.faults.map(({ file, line, why }) => `${file} ${line}: ${why}`)).toEqual([
      'records/tools.jsonl 2: It is not JSON: broken off, or mistyped.',
      'records/tools.jsonl 3: id: Not an id of ours.',
      'records/tools.jsonl 4: name: Give it a name.',
      'records/tools.jsonl 5: body.note: It holds a character that cannot be kept.',
      expect.stringContaining('records/ledger.jsonl 1: An entry of the ledger stays'),
      expect.stringContaining('records/cuts.jsonl 1: The machine, stock, tool'),
    ]);
    expect(answer.changed).toEqual(['records/tools.jsonl', 'records/ledger.jsonl', 'records/cuts.jsonl']);
    expect((await request.get(`/api/tools/${fresh.id}`)).status()).toBe(200);
  });

  test('what is no archive, or not whole, or of a newer version, is refused in plain words', async ({
    request,
  }) => {
    const files = await saved(request);
    const whole = await zipped(files);
    const manifest = manifestOf(files);
    const newer = new Map([
      ...files,
      ['manifest.json', Buffer.from(JSON.stringify({ ...manifest, version: 2 }))] as const,
    ]);
    for (const [data, words] of [
      [Buffer.from('nothing of ours'), 'no zip file'],
      [whole.subarray(0, whole.length - 40), 'no zip file'],
      [await zipped(new Map([['holiday.txt', Buffer.from('x')]])), 'no archive of a shop'],
      [await zipped(newer), 'newer version'],
    ] as const) {
      const answer = await post(request, data);
      expect(answer.status(), words).toBe(400);
      expect(((await answer.json()) as { detail: string }).detail).toContain(words);
    }
    expect((await request.post('/api/archive', { data: { a: 1 } })).status()).toBe(415);
    expect((await post(request, whole, 'everything')).status()).toBe(400);
  });

  test('a file larger than an archive may be is refused before it is sent', async ({ request, shop }) => {
    const { cookies } = await request.storageState();
    const asked = get(`${shop.url}/api/archive`, {
      method: 'POST',
      headers: {
        Cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; '),
        'Content-Type': 'application/zip',
        'Content-Length': 300 * 1024 ** 2,
      },
    });
    const [answer] = (await once(asked, 'response')) as [IncomingMessage];
    expect(answer.statusCode).toBe(413);
    asked.destroy();
  });

  test('a byte that fell over is noticed, unless nothing of the shop hangs on it', async ({ request }) => {
    const files = await saved(request);
    const whole = await zipped(files);
    let noticed = 0;
    for (let at = 100; at < whole.length; at += Math.floor(whole.length / 24)) {
      const bytes = Buffer.from(whole);
      bytes[at] = bytes[at]! ^ 0x55;
      const answer = await post(request, bytes);
      expect([200, 400], `at ${at}`).toContain(answer.status());
      const said = answer.status() === 200 ? ((await answer.json()) as Answer).changed : ['refused'];
      if (said.length > 0) noticed += 1;
      else expect(await unzip(bytes), `at ${at}`).toEqual(files);
    }
    expect(noticed).toBeGreaterThan(15);
  });

  test('nobody gets it who is not in, and nothing of another shop is in it', async ({
    request,
    shop,
    playwright,
  }) => {
    const stranger = await playwright.request.newContext({ baseURL: shop.url });
    for (const path of ['/api/archive', '/api/archive/tools.csv'])
      expect((await stranger.get(path)).status()).toBe(401);
    expect((await post(stranger, Buffer.from('x'))).status()).toBe(401);
    await stranger.dispose();
    const { cookie } = await neighbour(shop);
    const theirs = await saved(request, { Cookie: cookie });
    expect(manifestOf(theirs).files.every(({ records }) => !records)).toBe(true);
  });

  // Last: the shop has them from here on, and each of the other tests would read them again.
  test('ten thousand cuts that are taken in twice are there once, and counted once', async ({
    request,
    shop,
  }) => {
    await owner(shop.ownerUrl, (client) =>
      client.query(
        `insert into cut (shop_id, id, version, body)
         select shop_id, ('0192f000-0c00-7000-8000-' || lpad(to_hex(n), 12, '0'))::uuid, 1, body
         from cut, generate_series(1, 10000) as n where shop_id = $1 and id = $2`,
        [DEMO.shop, DEMO.cut.bush],
      ),
    );
    const files = await saved(request);
    const { cookie } = await neighbour(shop);
    const there = { Cookie: cookie };
    const cuts = async () => {
      const answer = await request.get('/api/book/sums', { headers: there });
      const { months } = (await answer.json()) as { months: { cuts: number }[] };
      return months.reduce((all, one) => all + one.cuts, 0);
    };
    const first = await read(request, files, 'new', there);
    expect(countsOf(first, 'cuts')).toMatchObject({ fresh: linesOf(files, 'cuts').length, bad: 0 });
    const once = await cuts();
    expect(once).toBeGreaterThan(10_000);
    const second = await read(request, files, 'new', there);
    expect(countsOf(second, 'cuts')).toMatchObject({ fresh: 0, same: linesOf(files, 'cuts').length });
    expect(await cuts()).toBe(once);
  });
});

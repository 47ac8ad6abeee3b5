import type { CutBody, LearnedAnswer, Stored } from '@pike-stone/contract';
import type { BookSums, SettingRecords } from '@pike-stone/contract/book';
import type { APIRequestContext } from '@playwright/test';
import { encode } from 'jpeg-js';
import { v7 as uuidv7 } from 'uuid';
import { DEMO } from '../fixtures/demo';
import { enter, expect, owner, test } from '../fixtures/shop';

interface Page {
  readonly records: readonly Stored<'cuts'>[];
  readonly next: string | null;
}

const read = async <Answer>(request: APIRequestContext, path: string): Promise<Answer> => {
  const answer = await request.get(path);
  expect([path, answer.status()]).toEqual([path, 200]);
  return answer.json();
};
const bushCut = async (request: APIRequestContext): Promise<CutBody> =>
  (await read<Stored<'cuts'>>(request, `/api/cuts/${DEMO.cut.bush}`)).body;

/** Writes a cut like the one of the bush; the answer is its id. */
async function take(request: APIRequestContext, more: Partial<CutBody>): Promise<string> {
  const body = { ...(await bushCut(request)), ...more };
  const id = uuidv7();
  const answer = await request.put(`/api/cuts/${id}`, { data: { version: 0, archived: false, body } });
  expect([await answer.text(), answer.status()]).toEqual([expect.anything(), 200]);
  return id;
}

/** Every page of a filter. */
async function all(request: APIRequestContext, filter: string, limit = 7): Promise<Stored<'cuts'>[]> {
  const found: Stored<'cuts'>[] = [];
  for (let after = ''; ;) {
    const page = await read<Page>(request, `/api/book?limit=${limit}${filter}${after && `&after=${after}`}`);
    found.push(...page.records);
    if (page.next === null) return found;
    after = page.next;
  }
}

test.beforeEach(async ({ request }) => void (await enter(request)));

test.describe('the book', () => {
  test('filtered by any things together gives just the cuts that have them, each once, the newest first', async ({
    request,
  }) => {
    const outcomes = ['worked', 'so-so', 'did-not-work'] as const;
    const tools = [DEMO.tool.knife, DEMO.tool.polished];
    for (let i = 0; i < 40; i += 1)
      await take(request, {
        toolId: tools[i % 2]!,
        outcome: outcomes[i % 3]!,
        signs: i % 4 === 0 ? ['long-ribbon'] : ['good-arcs', 'hiss-crackle'],
        takenAt: `2027-0${1 + (i % 3)}-${String(1 + (i % 27)).padStart(2, '0')}T10:00:00.000Z`,
        remark: i % 5 === 0 ? 'Sang at the shoulder.' : '',
        runId: i % 7 === 0 ? DEMO.run.ribbon : null,
      });
    const whole = await all(request, '', 500);
    const has: Readonly<Record<string, (body: CutBody) => boolean>> = {
      [`&tool=${tools[1]}`]: (body) => body.toolId === tools[1],
      '&outcome=so-so': (body) => body.outcome === 'so-so',
      '&sign=long-ribbon': (body) => body.signs?.includes('long-ribbon') ?? false,
      '&from=2027-02-01&to=2027-02-14': ({ takenAt }) => takenAt >= '2027-02-01' && takenAt < '2027-02-15',
      '&q=sang': ({ remark }) => remark.startsWith('Sang'),
      '&operation=turn': ({ operation }) => operation === 'turn',
      [`&run=${DEMO.run.ribbon}`]: ({ runId }) => runId === DEMO.run.ribbon,
    };
    const filters = Object.keys(has);
    const sets = filters.flatMap((one, i) => [[one], ...filters.slice(i + 1).map((other) => [one, other])]);
    for (const set of [[], ...sets, filters.slice(0, 4), filters]) {
      const got = (await all(request, set.join(''))).map(({ id }) => id);
      const wanted = whole.filter(({ body }) => set.every((one) => has[one]!(body))).map(({ id }) => id);
      expect([set, got]).toEqual([set, wanted]);
    }
    const times = whole.map(({ body }) => body.takenAt);
    expect(times).toEqual([...times].sort().reverse());
  });

  test('goes out as CSV and JSON, as it is filtered', async ({ request }) => {
    const filter = `&tool=${DEMO.tool.polished}&outcome=worked`;
    const wanted = (await all(request, filter)).map(({ id }) => id);
    expect(wanted.length).toBeGreaterThan(5);
    const json = await read<Stored<'cuts'>[]>(request, `/api/book/cuts.json?${filter.slice(1)}`);
    expect(json.map(({ id }) => id)).toEqual(wanted);
    const csv = await (await request.get(`/api/book/cuts.csv?${filter.slice(1)}`)).text();
    const [head, ...lines] = csv.trim().split('\r\n');
    expect(head).toContain('signs');
    expect(lines.map((line) => line.split(',')[0])).toEqual(wanted);
    expect((await request.get('/api/book/cuts.xlsx')).status()).toBe(404);
  });

  test('refuses a filter that is none, with the field', async ({ request }) => {
    for (const [query, field] of [
      ['machine=7', 'machine'],
      ['outcome=good', 'outcome'],
      ['from=yesterday', 'from'],
      ['sign=Long%20Ribbon', 'sign'],
      ['limit=100000', 'limit'],
      ['after=nowhere', 'after'],
    ] as const) {
      const answer = await request.get(`/api/book?${query}`);
      expect(answer.status()).toBe(400);
      expect((await answer.json()).fields).toEqual([expect.objectContaining({ path: field })]);
    }
  });

  test('counts what its charts show, also when a cut is changed and put away', async ({ request }) => {
    const sums = () => read<BookSums>(request, `/api/book/sums?machine=${DEMO.machine.mill}`);
    const worked = async () =>
      (await sums()).tools.find(({ toolId }) => toolId === DEMO.tool.faceMill) ?? { cuts: 0, worked: 0 };
    expect(await worked()).toEqual({ cuts: 0, worked: 0 });
    const of = {
      machineId: DEMO.machine.mill,
      toolId: DEMO.tool.faceMill,
      takenAt: '2026-05-05T10:00:00.000Z',
    };
    const measured = { netPowerW: 300 };
    const id = await take(request, { ...of, outcome: 'worked', measured });
    await take(request, { ...of, outcome: 'worked', measured: { netPowerW: 500 } });
    await take(request, { ...of, outcome: 'so-so' });
    expect(await worked()).toMatchObject({ cuts: 3, worked: 2, powers: 2, powerW: 400 });
    const { body } = await read<Stored<'cuts'>>(request, `/api/cuts/${id}`);
    const change = (version: number, archived: boolean, more: Partial<CutBody>) =>
      request.put(`/api/cuts/${id}`, { data: { version, archived, body: { ...body, ...more } } });
    await change(1, false, { outcome: 'did-not-work', measured: { netPowerW: 100 } });
    expect(await worked()).toMatchObject({ cuts: 3, worked: 1, powers: 2, powerW: 300 });
    await change(2, true, { outcome: 'did-not-work' });
    expect(await worked()).toMatchObject({ cuts: 2, worked: 1, powers: 1, powerW: 500 });
    const { months } = await sums();
    expect(months.filter(({ month }) => month === '2026-05')).toEqual([
      { month: '2026-05', outcome: 'so-so', cuts: 1 },
      { month: '2026-05', outcome: 'worked', cuts: 1 },
    ]);
  });

  test('says how often a setting was taken, and when last', async ({ request }) => {
    const of = { toolId: DEMO.tool.coated, machineId: DEMO.machine.long, stockId: DEMO.stock.bright };
    const set = { rpm: 530, feedMmRev: 0.2, depthMm: 1.5 };
    const ids: string[] = [];
    for (const [outcome, day] of [
      ['worked', 3],
      ['worked', 9],
      ['so-so', 5],
    ] as const)
      ids.push(await take(request, { ...of, set, outcome, takenAt: `2026-10-0${day}T10:00:00.000Z` }));
    const settings = async () =>
      (
        await read<SettingRecords>(
          request,
          `/api/book/settings?machine=${of.machineId}&stock=${of.stockId}&tool=${of.toolId}&operation=turn`,
        )
      ).settings;
    const taken = (cuts: number, worked: number, day: number) => [
      {
        rpm: 530,
        feedMmRev: expect.closeTo(0.2, 6),
        depthMm: 1.5,
        cuts,
        worked,
        lastAt: `2026-10-0${day}T10:00:00.000Z`,
      },
    ];
    expect(await settings()).toEqual(taken(3, 2, 9));
    // The last of them is put away: what was last before it is last again. Then it comes back.
    const { body } = await read<Stored<'cuts'>>(request, `/api/cuts/${ids[1]}`);
    const put = (version: number, archived: boolean, more: Partial<CutBody> = {}) =>
      request.put(`/api/cuts/${ids[1]}`, { data: { version, archived, body: { ...body, ...more } } });
    await put(1, true);
    expect(await settings()).toEqual(taken(2, 1, 5));
    await put(2, false);
    expect(await settings()).toEqual(taken(3, 2, 9));
    // It was taken on another day, then with another feed.
    await put(3, false, { takenAt: '2026-10-04T10:00:00.000Z' });
    expect(await settings()).toEqual(taken(3, 2, 5));
    await put(4, false, { set: { ...set, feedMmRev: 0.3 } });
    expect((await settings())[0]).toEqual(taken(2, 1, 5)[0]);
  });

  test('knows the signs of the rule base and refuses others', async ({ request }) => {
    const body = { ...(await bushCut(request)), signs: ['purple-smoke'] };
    const answer = await request.put(`/api/cuts/${uuidv7()}`, {
      data: { version: 0, archived: false, body },
    });
    expect(answer.status()).toBe(400);
    expect((await answer.json()).fields).toEqual([
      { path: 'body.signs.0', message: 'There is no sign “purple-smoke” in the rule base.' },
    ]);
  });
});

test.describe('learning', () => {
  const factorOf = async (request: APIRequestContext, machineId: string, metal: string | null) =>
    (await read<LearnedAnswer>(request, '/api/learned')).factors.find(
      (one) => one.machineId === machineId && one.metal === metal,
    );

  test('moves with many cuts that say the same, hardly with one that does not', async ({ request }) => {
    const of = { machineId: DEMO.machine.shaper, stockId: DEMO.stock.brass };
    const planned = { ...(await bushCut(request)).planned, aimMPerMin: 100, tableMPerMin: 100 };
    // 60 m/min on a diameter of 60 mm.
    const set = { ...(await bushCut(request)).set, rpm: 60_000 / (Math.PI * 60) };
    const cut = {
      ...of,
      planned,
      set,
      diameterMm: 60,
      outcome: 'worked' as const,
      speedWas: 'right' as const,
    };
    for (let i = 0; i < 8; i += 1) await take(request, cut);
    const before = (await factorOf(request, of.machineId, 'brass-free-cutting'))!.speed!;
    expect(before.factor).toBeGreaterThan(0.6);
    expect(before.factor).toBeLessThan(0.75);
    expect(before).toMatchObject({ cuts: 8, machineCuts: 8 });
    expect(before.low).toBeLessThan(before.factor);
    expect(before.high).toBeGreaterThan(before.factor);

    await take(request, { ...cut, set: { ...set, rpm: set.rpm / 2 }, speedWas: 'too-fast' });
    const odd = (await factorOf(request, of.machineId, 'brass-free-cutting'))!.speed!;
    expect(odd.cuts).toBe(9);
    expect(Math.abs(odd.factor - before.factor)).toBeLessThan(0.04);

    // Another metal on this machine begins from what the machine showed, with a wider band.
    const other = (await factorOf(request, of.machineId, null))!.speed!;
    expect(other.cuts).toBe(0);
    expect(other.factor).toBeLessThan(0.9);
    expect(other.high / other.low).toBeGreaterThan(odd.high / odd.low);
  });

  test('a cut that says nothing of its speed is not counted; ten thousand of another shop are not seen', async ({
    request,
    shop,
  }) => {
    const of = { machineId: DEMO.machine.drill, stockId: DEMO.stock.shaft };
    await take(request, { ...of, outcome: 'worked', speedWas: null, feedWas: null });
    expect(await factorOf(request, of.machineId, null)).toBeUndefined();
    const other = uuidv7();
    await owner(shop.ownerUrl, async (client) => {
      await client.query('insert into shop (shop_id, name) values ($1, $2)', [other, 'Next door']);
      for (const table of ['machine', 'metal', 'stock', 'tool', 'cut'])
        await client.query(
          `insert into ${table} (shop_id, id, version, body)
           select $1, id, 1, body${table === 'cut' ? ` - 'runId'` : ''} from ${table} where shop_id = $2 on conflict do nothing`,
          [other, DEMO.shop],
        );
    });
    const before = await read<LearnedAnswer>(request, '/api/learned');
    await owner(shop.ownerUrl, (client) =>
      client.query(
        `insert into cut (shop_id, id, version, body)
         select $1, ('0192f000-0b00-7000-8000-' || lpad(to_hex(n), 12, '0'))::uuid, 1, body
         from cut, generate_series(1, 10000) as n where shop_id = $1 and id = $2`,
        [other, DEMO.cut.bush],
      ),
    );
    expect(await read<LearnedAnswer>(request, '/api/learned')).toEqual(before);
    expect(await all(request, '', 500)).not.toContainEqual(
      expect.objectContaining({ id: '0192f000-0b00-7000-8000-000000000001' }),
    );
  });
});

test('a picture that is none is refused, and so is one that is far too many pixels', async ({ request }) => {
  const put = (jpeg: string) =>
    request.put(`/api/photos/${uuidv7()}`, { data: { version: 0, archived: false, body: { jpeg } } });
  const header = Buffer.from([0xff, 0xd8, 0xff, 0xe0]);
  const notOne = Buffer.concat([header, Buffer.from('<script>alert(1)</script>')]).toString('base64');
  const answer = await put(notOne);
  expect(answer.status()).toBe(400);
  expect((await answer.json()).fields).toEqual([
    { path: 'body.jpeg', message: 'This cannot be read as a picture. Take or choose another.' },
  ]);

  const { data } = encode({ data: Buffer.alloc(4 * 8 * 8, 120), width: 8, height: 8 }, 50);
  const picture = Buffer.from(data);
  expect((await put(picture.toString('base64'))).status()).toBe(200);
  // The same picture, whose frame says that it is 65,535 pixels each way: it would take gigabytes to look at.
  const frame = picture.indexOf(Buffer.from([0xff, 0xc0]));
  picture.fill(0xff, frame + 5, frame + 9);
  expect((await put(picture.toString('base64'))).status()).toBe(400);
});

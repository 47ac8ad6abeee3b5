import { v7 as uuidv7 } from 'uuid';
import { DEMO } from '../fixtures/demo';
import { enter, expect, owner, test } from '../fixtures/shop';

interface Page {
  records: { id: string; body: { name: string; metal?: string } }[];
  next: string | null;
  total: number | null;
}

test.describe('a list', () => {
  test.beforeEach(async ({ request }) => void (await enter(request)));

  test('of more than two thousand is read to its end, page by page, each record once', async ({
    request,
    shop,
  }) => {
    await owner(shop.ownerUrl, (client) =>
      client.query(
        `insert into cut (shop_id, id, version, body)
         select shop_id, ('0192f000-0a00-7000-8000-' || lpad(to_hex(n), 12, '0'))::uuid, 1, body
         from cut, generate_series(1, 2300) as n where id = $1`,
        [DEMO.cut.bush],
      ),
    );
    const ids: string[] = [];
    const totals: (number | null)[] = [];
    for (let after = ''; ;) {
      const page = (await (
        await request.get(`/api/cuts?limit=500${after && `&after=${after}`}`)
      ).json()) as Page;
      ids.push(...page.records.map(({ id }) => id));
      totals.push(page.total);
      if (page.next === null) break;
      after = page.next;
    }
    expect(new Set(ids).size).toBe(ids.length);
    expect(new Set(totals)).toEqual(new Set([ids.length]));
    expect(ids.length).toBeGreaterThan(2300);
    expect([...ids].sort().reverse()).toEqual(ids);
  });

  test('by name, as people count: 2 before 10, and in both cases alike', async ({ request }) => {
    const { body } = await (await request.get(`/api/tools/${DEMO.tool.drill85}`)).json();
    for (const name of ['Zz 10', 'zz 2', 'Zz 1'])
      await request.put(`/api/tools/${uuidv7()}`, {
        data: { version: 0, archived: false, body: { ...body, name } },
      });
    const names: string[] = [];
    for (let after = ''; ;) {
      const page = (await (
        await request.get(`/api/tools?order=name&archived=0&limit=7${after && `&after=${after}`}`)
      ).json()) as Page;
      names.push(...page.records.map((one) => one.body.name));
      if (page.next === null) break;
      after = page.next;
    }
    expect(names.slice(-3)).toEqual(['Zz 1', 'zz 2', 'Zz 10']);
    expect(new Set(names).size).toBeGreaterThan(30);
  });

  test('is searched by the beginnings of words, narrowed by kind, and refuses what it is not', async ({
    request,
  }) => {
    const found = async (query: string) =>
      ((await (await request.get(`/api/${query}`)).json()) as Page).records;
    expect((await found('cuts?q=BRON bush')).length).toBeGreaterThan(0);
    expect(await found('cuts?q=bronze zebra')).toEqual([]);
    const drills = await found('tools?q=8.5&kinds=drill,reamer');
    expect(drills.map(({ id }) => id)).toContain(DEMO.tool.drill85);
    expect((await found('tools?dull=1')).length).toBeGreaterThan(0);
    for (const odd of ["q='", 'q=\\', 'q=%26%20%7C%20!', 'q=:*'])
      expect((await request.get(`/api/cuts?${odd}`)).status(), odd).toBe(200);
    for (const bad of [
      'cuts?order=name',
      'grinds?q=a',
      'cuts?after=x',
      'tools?order=name&after=x',
      'cuts?limit=0',
    ])
      expect((await request.get(`/api/${bad}`)).status(), bad).toBe(400);
  });

  // Words that come often, seldom, only long ago or once: each is looked for in a way of its own.
  test('a search among many cuts finds all that have the words, newest first, however often they come', async ({
    request,
    shop,
  }) => {
    await owner(shop.ownerUrl, (client) =>
      client.query(
        `insert into cut (shop_id, id, version, archived, body)
         select shop_id, (lpad(to_hex(1730000000000 + n * 60000::bigint), 12, '0') || '70008000' || lpad(to_hex(n), 12, '0'))::uuid,
           1, n % 11 = 0, jsonb_set(body, '{remark}', to_jsonb(concat_ws(' ',
             case when n % 7 = 0 then 'septem' end, case when n % 300 = 0 then 'rarum' end,
             case when n <= 3000 then 'olim' end, case when n % 90 = 0 then 'interdum' end,
             case when n = 17 then 'unicum' end, 'numerus' || n)))
         from cut, generate_series(1, 6000) as n where id = $1`,
        [DEMO.cut.bush],
      ),
    );
    const expected = (word: string, archived: string) =>
      owner(shop.ownerUrl, async (client) => {
        const { rows } = await client.query<{ id: string }>(
          `select id from cut where body ->> 'remark' ~ $1 and archived = ($2 = '1') order by id desc`,
          [`\\m${word}`, archived],
        );
        return rows.map(({ id }) => id);
      });
    for (const [word, archived, pages] of [
      ['septem', '0', 4],
      ['rarum', '0', 4],
      ['olim', '0', 3],
      ['olim', '1', 4],
      ['interdum', '0', 4],
      ['numerus12', '0', 4],
      ['unicum', '0', 1],
      ['nusquam', '0', 1],
    ] as const) {
      const ids: string[] = [];
      let after: string | null = '';
      for (let i = 0; i < pages && after !== null; i += 1) {
        const page = (await (
          await request.get(`/api/cuts?limit=50&archived=${archived}&q=${word}${after && `&after=${after}`}`)
        ).json()) as Page;
        ids.push(...page.records.map(({ id }) => id));
        after = page.next;
      }
      const all = await expected(word, archived);
      expect(ids, word).toEqual(all.slice(0, after === null ? undefined : pages * 50));
    }
  });

  test('an id in capitals is kept in small letters, and is the same record', async ({ request, shop }) => {
    const { body } = await (await request.get(`/api/stock/${DEMO.stock.bush}`)).json();
    const id = uuidv7();
    const written = await request.put(`/api/stock/${id.toUpperCase()}`, {
      data: { version: 0, archived: false, body: { ...body, metal: String(body.metal).toUpperCase() } },
    });
    expect(await written.json()).toMatchObject({ id, body: { metal: body.metal } });
    const nobody = await request.put(`/api/stock/${uuidv7()}`, {
      data: { version: 0, archived: false, body: { ...body, metal: uuidv7().toUpperCase() } },
    });
    expect(nobody.status()).toBe(400);
    // The database itself refuses one in capitals too.
    const slipped = owner(shop.ownerUrl, (client) =>
      client.query('update stock set body = $2 where id = $1', [
        id,
        { ...body, metal: '0192F000-0005-7000-8000-0000000000FF' },
      ]),
    );
    await expect(slipped).rejects.toMatchObject({ code: '23514' });
  });
});

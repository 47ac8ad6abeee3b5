import { createHash } from 'node:crypto';
import { v7 as uuidv7 } from 'uuid';
import type pg from 'pg';
import { DEMO } from '../fixtures/demo';
import { neighbour } from '../fixtures/neighbour';
import { enter, expect, owner, test } from '../fixtures/shop';

const RULES = {
  school: 'middle',
  backOffThird: false,
  shortcut: '4*CS/D',
  rungRule: 'nearest',
  overshootPercent: 10,
};

test.describe('a shop sees only its own', () => {
  test('nothing of another shop is listed, found or overwritten', async ({ request, shop }) => {
    const { cookie } = await neighbour(shop);
    const headers = { Cookie: cookie };
    expect(await (await request.get('/api/machines', { headers })).json()).toEqual({
      records: [],
      next: null,
      total: 0,
    });
    expect((await request.get(`/api/machines/${DEMO.machine.bay}`, { headers })).status()).toBe(404);

    await enter(request);
    const { body } = await (await request.get(`/api/machines/${DEMO.machine.bay}`)).json();
    const theirs = await request.put(`/api/machines/${DEMO.machine.bay}`, {
      headers,
      data: { version: 1, archived: true, body },
    });
    expect(theirs.status()).toBe(404);
    expect(await (await request.get(`/api/machines/${DEMO.machine.bay}`)).json()).toMatchObject({
      version: 1,
      archived: false,
    });
  });

  test('a cut cannot name the tools of another shop', async ({ request, shop }) => {
    await enter(request);
    const { body } = await (await request.get(`/api/cuts/${DEMO.cut.bush}`)).json();
    const { cookie } = await neighbour(shop);
    const answer = await request.put(`/api/cuts/${uuidv7()}`, {
      headers: { Cookie: cookie },
      data: { version: 0, archived: false, body },
    });
    expect(answer.status()).toBe(400);
  });

  test('the rules of a shop stand under its own id only', async ({ request, shop }) => {
    const { id, cookie } = await neighbour(shop);
    const put = (target: string) =>
      request.put(`/api/rules/${target}`, {
        headers: { Cookie: cookie },
        data: { version: 0, archived: false, body: RULES },
      });
    expect((await put(DEMO.shop)).status()).toBe(404);
    expect((await put(id)).status()).toBe(200);
  });

  test('no cookie, a made-up cookie and an expired one open nothing', async ({ request, shop }) => {
    const { cookie } = await neighbour(shop);
    await owner(shop.ownerUrl, (client) =>
      client.query(`update session set expires_at = now() - interval '1 second' where token_hash = $1`, [
        createHash('sha256').update(cookie.split('=')[1]!).digest(),
      ]),
    );
    for (const given of ['', 'pike_session=nobody', `pike_session=${'x'.repeat(5_000)}`, cookie]) {
      const answer = await request.get('/api/machines', { headers: { Cookie: given } });
      expect(answer.status()).toBe(401);
    }
  });

  test('the database itself refuses: the application’s role has no way round the shop', async ({
    shop,
    request,
  }) => {
    await enter(request);
    const { rows: policies } = await owner(shop.ownerUrl, (client) =>
      client.query(
        `select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r' and relname <> 'schema_version' and not relrowsecurity`,
      ),
    );
    expect(policies).toEqual([]);

    const seen = await owner(shop.ownerUrl, async (client) => {
      await client.query('set role pike_app');
      const without = await client.query('select count(*)::int as n from machine');
      await client.query(`select set_config('pike.shop', $1, false)`, [DEMO.shop]);
      const within = await client.query('select count(*)::int as n from machine');
      const foreign = client.query(
        `insert into machine (shop_id, id, version, body) values ($1, $2, 1, '{}')`,
        [uuidv7(), uuidv7()],
      );
      const refused = await foreign.then(
        () => null,
        (error: pg.DatabaseError) => error.message,
      );
      const dropped = await client.query('drop table machine').then(
        () => null,
        (error: pg.DatabaseError) => error.message,
      );
      const deleted = await client.query('delete from machine').then(
        () => null,
        (error: pg.DatabaseError) => error.message,
      );
      return { without: without.rows[0].n, within: within.rows[0].n, refused, dropped, deleted };
    });
    expect(seen).toMatchObject({
      without: 0,
      within: 5,
      refused: expect.stringContaining('row-level security'),
      dropped: expect.stringContaining('owner'),
      deleted: expect.stringContaining('permission denied'),
    });
  });
});

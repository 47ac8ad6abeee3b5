import { v7 as uuidv7 } from 'uuid';
import { DEMO } from '../fixtures/demo';
import { enter, expect, owner, test } from '../fixtures/shop';

const GEARS = [
  35, 48, 80, 57, 53, 39, 89, 56, 79, 67, 83, 46, 54, 49, 29, 26, 58, 82, 84, 100, 121, 69, 32, 38, 33, 47,
  76, 37, 74, 63, 61, 91, 99, 81, 101, 23, 62, 68, 59, 27,
];
const gearSearch = { leadscrew_pitch_mm: 3.175, gears: GEARS, wanted_pitch_mm: 1.25 };

test.describe('what is not our fault is said to be none', () => {
  test.beforeEach(async ({ request }) => void (await enter(request)));

  test('text that no database keeps is refused at its field', async ({ request }) => {
    const { body } = await (await request.get(`/api/tools/${DEMO.tool.knife}`)).json();
    for (const text of ['a\u0000b', 'half \ud800 of a pair']) {
      const answer = await request.put(`/api/tools/${uuidv7()}`, {
        headers: { 'Content-Type': 'application/json' },
        data: JSON.stringify({ version: 0, archived: false, body: { ...body, note: text } }),
      });
      expect(answer.status()).toBe(400);
      expect((await answer.json()).fields).toEqual([
        { path: 'body.note', message: 'It holds a character that cannot be kept.' },
      ]);
    }
  });

  test('a file that is not there, a body that is not packed as it says, a start that is no position', async ({
    request,
  }) => {
    for (const path of ['/fonts/none.ttf', '/_expo/none.js'])
      expect((await request.get(path)).status(), path).toBe(404);
    const packed = await request.put(`/api/tools/${uuidv7()}`, {
      headers: { 'Content-Type': 'application/json', 'Content-Encoding': 'gzip' },
      data: Buffer.from('{"a":1}'),
    });
    expect(packed.status()).toBe(400);
    const moves = await request.post('/api/calc/belt-moves', {
      data: {
        positions: [{ id: 'a', rpm: 200, settings: { belt: 1 } }],
        operations: [{ id: 'turn', rpm_min: 100, rpm_max: 300 }],
        costs: { belt: 1 },
        start: '',
      },
    });
    expect(moves.status()).toBe(400);
    const form = await request.post('/api/calc/effective-diameter', { data: { cutter: 'form' } });
    expect((await form.json()).fields[0].path).toBe('contact_diameters_mm');
  });

  test('too many long calculations are refused, and a short one does not wait for them', async ({
    request,
  }) => {
    const answered: string[] = [];
    const long = Array.from({ length: 24 }, () =>
      request.post('/api/calc/change-gear-search', { data: gearSearch, timeout: 120_000 }).then((answer) => {
        answered.push(`long ${answer.status()}`);
        return answer;
      }),
    );
    const short = await request.post('/api/calc/spindle-speed', {
      data: { cutting_speed_m_min: 25, diameter_mm: 40 },
    });
    answered.push(`short ${short.status()}`);
    const statuses = (await Promise.all(long)).map((answer) => answer.status());
    expect(answered.filter((one) => one === 'long 200').length).toBeGreaterThan(0);
    expect(answered.indexOf('short 200')).toBeLessThan(answered.indexOf('long 200'));
    expect(statuses.filter((status) => status === 429).length).toBeGreaterThan(0);
    expect(statuses.filter((status) => ![200, 422, 429].includes(status))).toEqual([]);
  });

  test('a client that leaves takes its long calculations with it', async ({ shop }) => {
    const left = new AbortController();
    const ask = (signal?: AbortSignal) =>
      fetch(`${shop.url}/api/calc/change-gear-search`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(gearSearch),
        ...(signal && { signal }),
      }).then(({ status }) => status);
    const statuses: (number | null)[] = [];
    const asked = Array.from({ length: 24 }, () =>
      ask(left.signal).then(
        (status) => statuses.push(status),
        () => statuses.push(null),
      ),
    );
    // One calculates, and as many wait as may; of a line so long, another would be refused for half a minute.
    await expect.poll(() => statuses.filter((status) => status === 429).length).toBeGreaterThan(0);
    expect(await ask()).toBe(429);
    left.abort();
    await Promise.all(asked);
    // Nobody is in the line any more: the next one is calculated, or runs out of time on a slow machine.
    await expect.poll(async () => [200, 422].includes(await ask()), { timeout: 15_000 }).toBe(true);
  });
});

test.describe('the database in trouble', () => {
  test.beforeEach(async ({ request }) => void (await enter(request)));

  test('its connections broken under a write: 503 with the time to ask again, and the same server goes on', async ({
    request,
    shop,
  }) => {
    const { body } = await (await request.get(`/api/tools/${DEMO.tool.knife}`)).json();
    const path = `/api/tools/${uuidv7()}`;
    const data = { version: 0, archived: false, body };
    await owner(shop.ownerUrl, async (client) => {
      await client.query('begin');
      await client.query('lock table tool in access exclusive mode');
      const writing = request.put(path, { data });
      // The write waits for the lock; then its connection is broken.
      await expect
        .poll(
          async () =>
            (await client.query(`select 1 from pg_stat_activity where wait_event_type = 'Lock'`)).rowCount,
        )
        .toBe(1);
      // While a table is locked, health is as it was.
      expect((await request.get('/api/health')).status()).toBe(200);
      await client.query(
        `select pg_terminate_backend(pid) from pg_stat_activity where usename = 'pike_app' and datname = current_database()`,
      );
      const answer = await writing;
      expect(answer.status()).toBe(503);
      expect(answer.headers()['retry-after']).toMatch(/^\d+$/);
      await client.query('rollback');
    });
    expect((await request.put(path, { data })).status()).toBe(200);
  });

  test('a table locked for long: the write is refused in time as busy, other tables are read', async ({
    request,
    shop,
  }) => {
    const { body } = await (await request.get(`/api/tools/${DEMO.tool.knife}`)).json();
    await owner(shop.ownerUrl, async (client) => {
      await client.query('begin');
      await client.query('lock table tool in access exclusive mode');
      const answer = await request.put(`/api/tools/${uuidv7()}`, {
        data: { version: 0, archived: false, body },
      });
      expect([answer.status(), (await answer.json()).title]).toEqual([503, 'Busy']);
      expect((await request.get('/api/machines')).status()).toBe(200);
      await client.query('rollback');
    });
  });

  test('its disk full: writes are refused in plain words, reads go on, health says so', async ({
    request,
    shop,
  }) => {
    const { body } = await (await request.get(`/api/tools/${DEMO.tool.knife}`)).json();
    await shop.stop();
    await shop.start({ PIKE_DISK: '/', PIKE_DISK_RESERVE_MB: '1e12' });
    try {
      const answer = await request.put(`/api/tools/${uuidv7()}`, {
        data: { version: 0, archived: false, body },
      });
      expect(answer.status()).toBe(507);
      expect((await answer.json()).detail).toContain('The disk of the shop’s computer is full');
      expect((await request.get('/api/tools')).status()).toBe(200);
      expect(await (await request.get('/api/health')).json()).toMatchObject({ database: true, disk: false });
    } finally {
      await shop.stop();
      await shop.start();
    }
  });

  test('the application’s role can do nothing but its work', async ({ shop }) => {
    const url = new URL(shop.ownerUrl);
    const may = (sql: string) =>
      owner(shop.ownerUrl, async (client) => {
        await client.query('set role pike_app');
        return client.query(sql).then(
          () => 'may',
          (error: { code?: string }) => error.code,
        );
      });
    const NO_RIGHT = '42501';
    for (const sql of [
      'create temporary table t (a int)',
      'create table t (a int)',
      'create schema s',
      'select lo_create(0)',
      `select lo_from_bytea(0, 'x')`,
      'delete from cut',
      'update ledger_entry set body = body',
      'select * from tool_before_kinds',
      `copy tool to program 'true'`,
      `select pg_read_file('/etc/passwd')`,
      'drop table tool',
    ])
      expect(await may(sql), sql).toBe(NO_RIGHT);
    const { rows } = await owner(shop.ownerUrl, (client) =>
      client.query(
        `select datname from pg_database where has_database_privilege('pike_app', datname, 'connect') and datname in ('postgres', 'template1', $1)`,
        [url.pathname.slice(1)],
      ),
    );
    expect(rows).toEqual([{ datname: url.pathname.slice(1) }]);
  });
});

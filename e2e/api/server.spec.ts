import { v7 as uuidv7 } from 'uuid';
import { DEMO } from '../fixtures/demo';
import { pictureIn } from '../fixtures/pictures';
import { enter, expect, owner, test } from '../fixtures/shop';

test.describe('the server', () => {
  test('tells the truth about itself and its database', async ({ request, shop }) => {
    expect(await (await request.get('/api/health')).json()).toMatchObject({ status: 'ok', database: true });
    const name = new URL(shop.ownerUrl).pathname.slice(1);
    const postgres = new URL(shop.ownerUrl);
    postgres.pathname = '/postgres';
    const allow = (yes: boolean) =>
      owner(postgres.href, async (client) => {
        await client.query(`alter database ${name} allow_connections ${yes}`);
        await client.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = $1', [
          name,
        ]);
      });
    await allow(false);
    try {
      const ill = await request.get('/api/health');
      expect(ill.status()).toBe(503);
      expect(await ill.json()).toMatchObject({ database: false });
      const list = await request.get('/api/machines', { headers: { Cookie: 'pike_session=someone' } });
      expect(list.status()).toBe(503);
      expect((await list.json()).detail).toContain('sent again by itself');
    } finally {
      await allow(true);
    }
    expect((await request.get('/api/health')).status()).toBe(200);
    // For a moment after a failed try nobody is let through to it.
    const list = async () =>
      (await request.get('/api/machines', { headers: { Cookie: 'pike_session=someone' } })).status();
    await expect.poll(list).toBe(401);
  });

  test('sends the headers of a careful server', async ({ request }) => {
    const headers = (await request.get('/')).headers();
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'none'");
    // Machine code of the solid library may be compiled; text is never run as a script.
    expect(policy).toContain("'wasm-unsafe-eval'");
    expect(policy).not.toMatch(/unsafe-inline|'unsafe-eval'|\*/);
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
    expect(headers['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
  });

  test('names the shop in a cookie no script can read', async ({ request }) => {
    const cookie = (await enter(request)).headers()['set-cookie'] ?? '';
    expect(cookie).toMatch(/^pike_session=/);
    expect(cookie).toMatch(/HttpOnly/i);
    expect(cookie).toMatch(/SameSite=Strict/i);
  });

  test('describes itself in OpenAPI, every path answering as described', async ({ request }) => {
    const description = await (await request.get('/api/openapi.json')).json();
    expect(description.openapi).toBe('3.1.0');
    for (const kind of ['machines', 'metals', 'stock', 'tools', 'cuts', 'rules'])
      expect(Object.keys(description.paths)).toContain(`/api/${kind}/{id}`);
    await enter(request);
    for (const [path, { get }] of Object.entries<{ get?: object }>(description.paths).filter(
      ([one]) => !one.includes('{'),
    )) {
      // What is only asked by POST refuses an empty question with a description of what it lacks.
      const answer = get ? await request.get(path) : await request.post(path, { data: {} });
      expect(answer.status(), path).toBe(get ? 200 : 400);
    }
    const put = description.paths['/api/tools/{id}'].put.requestBody.content['application/json'].schema;
    const knife = put.properties.body.oneOf.find(
      ({ properties }: { properties: { kind: { const: string } } }) =>
        properties.kind.const === 'turning-tool',
    );
    expect(knife.properties.noseRadiusMm).toMatchObject({ type: 'number', minimum: 0.05 });
  });

  test('answers an unknown address as a problem, and an unknown page with the application', async ({
    request,
  }) => {
    const api = await request.get('/api/nothing', { headers: { Cookie: '' } });
    expect([401, 404]).toContain(api.status());
    expect(api.headers()['content-type']).toContain('application/problem+json');
    const page = await request.get('/book/anything', { headers: { Accept: 'text/html' } });
    expect(page.status()).toBe(200);
    expect(await page.text()).toContain('<div id="root">');
    for (const path of ['/fonts/%2e%2e%2f%2e%2e%2fpackage.json', '/_expo/..%2f..%2f.sources'])
      expect((await request.get(path)).ok(), path).toBe(false);
  });

  test('brings the first page along to a visitor of the shop, and to nobody else', async ({
    playwright,
    shop,
  }) => {
    const visitor = await playwright.request.newContext({ baseURL: shop.url });
    const brought = async (path: string, headers: Record<string, string> = { Accept: 'text/html' }) => {
      const answer = await visitor.get(path, { headers });
      expect(answer.ok(), path).toBe(true);
      return pictureIn(await answer.text());
    };
    // On a busy computer the first answers go without it: what draws it is still being loaded.
    await expect.poll(() => brought('/'), { timeout: 60_000 }).toBeTruthy();
    const picture = JSON.parse((await brought('/'))!);
    expect(picture.markup).toContain('Rail cap aluminium');
    expect(picture.rules).toContain('#frame [role=main] .');
    // The page's policy refuses both.
    expect(picture.markup).not.toMatch(/ style=|<script/);
    expect(await brought('/cut')).toBeUndefined();
    expect(await brought('/index.html')).toBeUndefined();
    // Through another computer it may be anybody.
    expect(await brought('/', { Accept: 'text/html', 'X-Forwarded-For': '192.0.2.7' })).toBeUndefined();
    await visitor.post('/api/session', { data: {} });
    await shop.stop();
    await shop.start({ PIKE_OWN_CLUSTER: 'no' });
    // This one is in; another would need a code.
    await expect.poll(() => brought('/'), { timeout: 60_000 }).toBeTruthy();
    expect(await brought('/', { Accept: 'text/html', Cookie: '' })).toBeUndefined();
    await shop.stop();
    await shop.start();
    await visitor.dispose();
  });

  test('brings a shop with tags in its names as words', async ({ request, shop }) => {
    await enter(request);
    const name = '</script><b>Bush</b>';
    const { body } = await (await request.get(`/api/tools/${DEMO.tool.knife}`)).json();
    const put = await request.put(`/api/tools/${uuidv7()}`, {
      data: { version: 0, archived: false, body: { ...body, name, dull: true } },
    });
    expect(put.ok()).toBe(true);
    let html = '';
    const markup = async () => {
      html = await (await request.get(shop.url, { headers: { Accept: 'text/html' } })).text();
      const picture = pictureIn(html);
      return picture === undefined ? 'none yet' : JSON.parse(picture).markup;
    };
    await expect.poll(markup, { timeout: 60_000 }).toContain('&lt;/script&gt;&lt;b&gt;Bush&lt;/b&gt;');
    expect(html).not.toContain(name);
  });

  test('loses nothing it said was written, when it is killed in the middle', async ({ request, shop }) => {
    await enter(request);
    const { body } = await (await request.get(`/api/tools/${DEMO.tool.knife}`)).json();
    const ids = Array.from({ length: 40 }, () => uuidv7());
    const answered: string[] = [];
    const writing = Promise.all(
      ids.map((id) =>
        request.put(`/api/tools/${id}`, { data: { version: 0, archived: false, body } }).then(
          (answer) => {
            if (answer.ok()) answered.push(id);
          },
          () => undefined,
        ),
      ),
    );
    await new Promise((resolve) => setTimeout(resolve, 15));
    await shop.kill();
    await writing;
    await shop.start();
    const { records } = await (await request.get('/api/tools')).json();
    const kept = new Set(records.map((record: { id: string }) => record.id));
    expect(answered.filter((id) => !kept.has(id))).toEqual([]);
    // What was not answered may be sent again, and is then there once.
    for (const id of ids)
      expect(
        (await request.put(`/api/tools/${id}`, { data: { version: 0, archived: false, body } })).status(),
      ).toBe(200);
  });

  test('keeps what the shop changed when it starts again: the demo is loaded once', async ({
    request,
    shop,
  }) => {
    await enter(request);
    const { body, version } = await (await request.get(`/api/stock/${DEMO.stock.bright}`)).json();
    await request.put(`/api/stock/${DEMO.stock.bright}`, {
      data: { version, archived: false, body: { ...body, name: 'Bright bar, 25' } },
    });
    await shop.stop();
    await shop.start();
    expect(await (await request.get(`/api/stock/${DEMO.stock.bright}`)).json()).toMatchObject({
      version: version + 1,
      body: { name: 'Bright bar, 25' },
    });
  });
});

import { request as http, type IncomingMessage } from 'node:http';
import { networkInterfaces } from 'node:os';
import type { APIRequestContext } from '@playwright/test';
import { DEMO } from '../fixtures/demo';
import { enter, expect, owner, test, type TestShop } from '../fixtures/shop';

/** A request with headers that a browser would not let a page set. */
const raw = (url: string, path: string, headers: Record<string, string>, method = 'GET') =>
  new Promise<number>((resolve, reject) => {
    http(new URL(path, url), { method, headers }, (answer: IncomingMessage) => {
      answer.resume();
      resolve(answer.statusCode!);
    })
      .on('error', reject)
      .end(method === 'GET' ? undefined : '{}');
  });
const sessions = async (shop: TestShop) =>
  (await owner(shop.ownerUrl, (client) => client.query('select 1 from session'))).rowCount!;
const devices = async (request: APIRequestContext) =>
  (
    (await (await request.get('/api/devices')).json()) as {
      devices: { id: string; name: string; paired: boolean; thisOne: boolean }[];
    }
  ).devices;

test.describe('at the shop’s own computer', () => {
  test('asking who is in makes no session; asking to come in makes one, and again none', async ({
    request,
    shop,
  }) => {
    const before = await sessions(shop);
    expect(await (await request.get('/api/session')).json()).toEqual({ shop: null, entry: 'open' });
    expect(await sessions(shop)).toBe(before);
    await enter(request);
    await enter(request);
    expect(await sessions(shop)).toBe(before + 1);
    expect(await (await request.get('/api/session')).json()).toMatchObject({ shop: { id: DEMO.shop } });
  });

  test('old visitors are forgotten when another comes in', async ({ request, playwright, shop }) => {
    await enter(request);
    await owner(shop.ownerUrl, (client) =>
      client.query(`update session set last_used_at = now() - interval '31 days' where not paired`),
    );
    const other = await playwright.request.newContext({ baseURL: shop.url });
    await enter(other);
    expect(await devices(other)).toMatchObject([{ thisOne: true }]);
    await other.dispose();
  });

  test('a device that is sent away is out at once', async ({ request, playwright, shop }) => {
    await enter(request);
    const other = await playwright.request.newContext({ baseURL: shop.url });
    await enter(other);
    expect((await other.get('/api/tools')).status()).toBe(200);
    const { id } = (await devices(other)).find(({ thisOne }) => thisOne)!;
    expect((await request.delete(`/api/devices/${id}`)).status()).toBe(204);
    expect((await other.get('/api/tools')).status()).toBe(401);
    expect((await request.delete(`/api/devices/${id}`)).status()).toBe(404);
    await other.dispose();
  });

  test('another name for this address, and another page’s write, are refused', async ({ shop }) => {
    const { host } = new URL(shop.url);
    expect(await raw(shop.url, '/', { host })).toBe(200);
    expect(await raw(shop.url, '/', { host: `localhost:${new URL(shop.url).port}` })).toBe(200);
    for (const path of ['/', '/api/session', '/api/calc'])
      expect(await raw(shop.url, path, { host: 'rebound.example' }), path).toBe(421);
    const json = { 'content-type': 'application/json' };
    expect(
      await raw(shop.url, '/api/session', { host, ...json, origin: 'http://evil.example' }, 'POST'),
    ).toBe(403);
    expect(await raw(shop.url, '/api/session', { host, ...json, origin: 'null' }, 'POST')).toBe(403);
    expect(await raw(shop.url, '/api/session', { host, ...json, origin: shop.url }, 'POST')).toBe(200);
    // A relay on this computer hides who asks: nobody comes in through it without a code.
    expect(
      await raw(shop.url, '/api/session', { host, ...json, 'x-forwarded-for': '10.0.0.7' }, 'POST'),
    ).toBe(403);
  });
});

test.describe('from another address', () => {
  const outside = Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .find(({ internal, family }) => !internal && family === 'IPv4')?.address;
  // Where there is no network at all, the loopback address stands for it: through a relay.
  const relayed: Record<string, string> = outside ? {} : { 'X-Forwarded-For': '10.0.0.7' };

  test('a device needs the code of that moment, which is slow to guess and changes', async ({
    request,
    playwright,
    shop,
  }) => {
    await shop.stop();
    await shop.start({ PIKE_HOST: '0.0.0.0' });
    try {
      await enter(request);
      const { port } = new URL(shop.url);
      const phone = await playwright.request.newContext({
        baseURL: `http://${outside ?? '127.0.0.1'}:${port}`,
        extraHTTPHeaders: relayed,
      });
      expect(await (await phone.get('/api/session')).json()).toEqual({ shop: null, entry: 'code' });
      expect((await phone.get('/api/tools')).status()).toBe(401);
      const codeNow = async () => (await (await request.get('/api/devices/code')).json()).code as string;
      const code = await codeNow();
      expect(code).toMatch(/^\d{6}$/);
      const comes = (given: string) =>
        phone.post('/api/session', { data: { code: given, device: 'Phone at the lathe' } });
      const wrong = String((Number(code) + 1) % 1_000_000).padStart(6, '0');
      expect((await comes(wrong)).status()).toBe(403);
      expect((await comes(code)).status()).toBe(200);
      expect(await codeNow()).not.toBe(code);
      expect((await phone.get('/api/tools')).status()).toBe(200);
      const { id } = (await devices(request)).find(({ name }) => name === 'Phone at the lathe')!;
      await request.delete(`/api/devices/${id}`);
      expect((await phone.get('/api/tools')).status()).toBe(401);

      // Who guesses is stopped before the code of that moment would be found.
      const statuses: number[] = [];
      for (let i = 0; i < 12; i += 1) statuses.push((await comes(`00000${i % 10}`)).status());
      expect(statuses.filter((status) => status === 403).length).toBeLessThanOrEqual(8);
      expect(statuses.at(-1)).toBe(429);
      await phone.dispose();
    } finally {
      await shop.stop();
      await shop.start();
    }
  });
});

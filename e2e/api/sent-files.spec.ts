import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { enter, expect, test } from '../fixtures/shop';

const DIST = join(import.meta.dirname, '../../app/dist');
const SCRIPTS = join(DIST, '_expo/static/js/web');
const scripts = readdirSync(SCRIPTS).filter((name) => name.endsWith('.js'));

test('a script is named by what is in it, and lies beside copies of the same', () => {
  expect(scripts.length).toBeGreaterThan(3);
  for (const name of scripts) {
    const whole = readFileSync(join(SCRIPTS, name));
    expect(name).toContain(`-${createHash('sha256').update(whole).digest('hex').slice(0, 32)}.js`);
    const copy = (ending: string) => readFileSync(join(SCRIPTS, `${name}.${ending}`));
    expect(brotliDecompressSync(copy('br')).equals(whole)).toBe(true);
    expect(gunzipSync(copy('gz')).equals(whole)).toBe(true);
  }
});

test('files are sent as they lie, in the copy that the browser takes', async ({ request }) => {
  const path = `/_expo/static/js/web/${scripts[0]}`;
  for (const encoding of ['br', 'gzip']) {
    const sent = await request.get(path, { headers: { 'Accept-Encoding': encoding } });
    expect(sent.headers()).toMatchObject({
      'content-encoding': encoding,
      vary: 'Accept-Encoding',
      'content-type': expect.stringContaining('javascript'),
      'cache-control': expect.stringContaining('immutable'),
    });
    expect((await sent.body()).equals(readFileSync(join(SCRIPTS, scripts[0]!)))).toBe(true);
  }
  const plain = await request.get(path, { headers: { 'Accept-Encoding': 'identity' } });
  expect(plain.headers()['content-encoding']).toBeUndefined();
});

test('the page and the service worker are asked for again each time; what did not change is not sent', async ({
  request,
}) => {
  // On a busy computer the first answers go without the shop's first page: what draws it is still being loaded.
  await expect
    .poll(async () => (await request.get('/')).headers()['cache-control'], { timeout: 60_000 })
    .toContain('private');
  for (const [path, keeps] of [
    // It brings the shop's first page along, which is for one device alone.
    ['/', 'private, no-cache'],
    ['/cut/forecast', 'no-cache'],
    ['/sw.js', 'no-cache'],
  ] as const) {
    const first = await request.get(path);
    const { etag = '', 'cache-control': kept } = first.headers();
    expect([path, kept]).toEqual([path, keeps]);
    expect((await request.get(path, { headers: { 'If-None-Match': etag } })).status()).toBe(304);
  }
  expect((await request.get('/sw.js')).headers()['content-encoding']).toBeUndefined();
});

test('a list that did not change is not sent again; one that did is', async ({ request }) => {
  await enter(request);
  const first = await request.get('/api/metals');
  const { etag = '', 'cache-control': kept } = first.headers();
  expect(kept).toBe('private, no-cache');
  const again = () => request.get('/api/metals', { headers: { 'If-None-Match': etag } });
  expect((await again()).status()).toBe(304);
  const [record] = (await first.json()).records;
  const { id, version, archived, body } = record;
  await request.put(`/api/metals/${id}`, {
    data: { version, archived, body: { ...body, note: 'as it was read again' } },
  });
  const changed = await again();
  expect(changed.status()).toBe(200);
  expect((await changed.json()).records).toContainEqual(
    expect.objectContaining({ id, version: version + 1 }),
  );
});

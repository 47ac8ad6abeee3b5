import type { BrowserContext, Page } from '@playwright/test';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bushCut, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { enter } from '../fixtures/shop';

test.use({ freshDevice: true });

const WEB_ROOT = join(import.meta.dirname, '../../app/dist');

/** A page of a browser that keeps the application, once it is kept whole. */
async function keptPage(context: BrowserContext, path: string): Promise<Page> {
  const page = await context.newPage();
  await page.goto(path);
  await page.waitForFunction(() => navigator.serviceWorker.ready.then(() => true));
  await page.waitForFunction(() =>
    performance.getEntriesByType('resource').some((one) => one.name.includes('/api/grinds?')),
  );
  await page.waitForLoadState('networkidle');
  return page;
}

test('after one visit the application opens, reloads and deep-links without the server, and sends what was written when it is back', async ({
  context,
  shop,
}) => {
  const page = await keptPage(context, '/');
  await shop.stop();
  for (const [path, shows] of [
    [bushCut, /^Spindle/],
    ['/drawer?kind=tools', /^Boring bar/],
    [`/book/${DEMO.cut.sheave}`, 'Open in Cut'],
    [`/grind/${DEMO.bit.general}`, /Side rake 12°/],
  ] as const) {
    await page.goto(path);
    await expect(page.getByRole('button', { name: shows }).first()).toBeVisible();
  }
  await page.goto(bushCut);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Spindle/ })).toContainText('118');
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked' }).click();
  const remark = `Alone on the ferry ${Date.now()}`;
  await page.getByLabel('Remark').fill(remark);
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByText(/No connection. 1 entry waits/)).toBeVisible();
  await page.close();

  // A new tab, still without the server.
  const later = await context.newPage();
  await later.goto('/book');
  await expect(later.getByText('Waiting to be sent')).toBeVisible();
  await shop.start();
  await expect(later.getByText('Waiting to be sent')).toBeHidden({ timeout: 45_000 });
  await enter(context.request);
  const { records } = await (await context.request.get('/api/cuts?limit=50')).json();
  expect(records.filter((one: { body: { remark: string } }) => one.body.remark === remark)).toHaveLength(1);
});

test('two tabs without the server, both closed: both cuts arrive', async ({ context, shop }) => {
  const pages = [await keptPage(context, bushCut), await keptPage(context, bushCut)];
  await shop.stop();
  const remarks = pages.map((_, i) => `Tab ${i} at ${Date.now()}`);
  for (const page of pages) await page.getByRole('button', { name: 'Cut taken' }).click();
  for (const [i, page] of pages.entries()) {
    await page.getByRole('radio', { name: 'Worked' }).click();
    await page.getByLabel('Remark').fill(remarks[i]!);
  }
  for (const page of pages) await page.getByRole('button', { name: 'Put in the book' }).click();
  for (const page of pages) await expect(page.getByText(/No connection. \d/)).toBeVisible();
  for (const page of pages) await page.close();
  await shop.start();
  await (await context.newPage()).goto('/book');
  await enter(context.request);
  const arrived = async () => {
    const { records } = await (await context.request.get('/api/cuts?limit=50')).json();
    return (records as { body: { remark: string } }[])
      .map(({ body }) => body.remark)
      .filter((remark) => remarks.includes(remark));
  };
  await expect.poll(async () => (await arrived()).sort(), { timeout: 45_000 }).toEqual(remarks);
});

test('a button pressed twice, and again after a slow answer, is one cut', async ({ context }) => {
  const page = await keptPage(context, bushCut);
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked' }).click();
  const remark = `Pressed twice ${Date.now()}`;
  await page.getByLabel('Remark').fill(remark);
  // The answer comes late; meanwhile there is time for more presses than one.
  await context.route('**/api/cuts/*', async (route) => {
    await new Promise((go) => setTimeout(go, 1_500));
    await route.continue();
  });
  const button = page.getByRole('button', { name: 'Put in the book' });
  await button.dblclick();
  await button.click({ force: true, noWaitAfter: true }).catch(() => undefined);
  await expect(page.getByText('In the book.')).toBeVisible();
  const { records } = await (await context.request.get('/api/cuts?limit=50')).json();
  expect(records.filter((one: { body: { remark: string } }) => one.body.remark === remark)).toHaveLength(1);
});

test('a device without room says so at the button; with the server there it is sent straight', async ({
  context,
  shop,
}) => {
  await context.addInitScript(() => {
    const full = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = full;
    IDBObjectStore.prototype.add = full;
    const set = Storage.prototype.setItem;
    Storage.prototype.setItem = function (name: string, text: string) {
      return name.startsWith('pike-written/') ? full() : set.call(this, name, text);
    };
  });
  const page = await keptPage(context, bushCut);
  const take = async (remark: string) => {
    await page.getByRole('button', { name: 'Cut taken' }).click();
    await page.getByRole('radio', { name: 'Worked' }).click();
    await page.getByLabel('Remark').fill(remark);
    await page.getByRole('button', { name: 'Put in the book' }).click();
  };
  await take(`Straight ${Date.now()}`);
  await expect(page.getByText('In the book.')).toBeVisible();
  await page.getByRole('link', { name: 'Cut' }).click();
  await shop.stop();
  await take(`Nowhere ${Date.now()}`);
  await expect(page.getByText(/This device has no room to keep it/)).toBeVisible();
  await expect(page.getByRole('alert').first()).toContainText('lives only in this page');
  await shop.start();
  await expect(page.getByText(/lives only in this page/)).toBeHidden({ timeout: 45_000 });
});

test('a newer application is told of, and taken only when somebody says so', async ({ context }) => {
  const page = await keptPage(context, '/drawer?kind=tools');
  await page.reload();
  const sw = join(WEB_ROOT, 'sw.js');
  const before = readFileSync(sw, 'utf8');
  try {
    writeFileSync(sw, `${before}\n// a newer one`);
    await page.getByLabel('Find').fill('bor');
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    await expect(page.getByText('A newer version is here.')).toBeVisible();
    // Nothing was taken from under the hand that types.
    await expect(page.getByLabel('Find')).toHaveValue('bor');
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByText('A newer version is here.')).toBeHidden();
    await expect(page.getByRole('button', { name: /^Boring bar/ })).toBeVisible();
  } finally {
    writeFileSync(sw, before);
  }
});

test('the application can be put on the home screen', async ({ request }) => {
  const manifest = await (await request.get('/manifest.webmanifest')).json();
  expect(manifest).toMatchObject({ name: 'Pike Stone', display: 'standalone', start_url: '/' });
  for (const { src, type } of manifest.icons as { src: string; type: string }[]) {
    const icon = await request.get(src);
    expect(icon.status()).toBe(200);
    expect(icon.headers()['content-type']).toContain(type);
  }
});

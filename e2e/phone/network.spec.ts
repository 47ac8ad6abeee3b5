import type { Page } from '@playwright/test';
import { bushCut, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { owner } from '../fixtures/shop';
import { typeSize } from '../fixtures/typing';

// What a device has fetched before would hide a page that is not kept on it.
test.use({ freshDevice: true });

test('a cut logged while the shop’s computer is away waits on the device and is sent when it is back', async ({
  page,
  shop,
}) => {
  await page.goto(bushCut);
  await expect(page.getByRole('button', { name: /^Spindle/ })).toBeVisible();
  // The page has come to rest: all of it is on the device.
  await page.waitForFunction(() =>
    performance.getEntriesByType('resource').some((one) => one.name.includes('/later-pages-')),
  );
  await page.waitForLoadState('networkidle');
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await expect(page.getByRole('heading', { name: 'What did you see?' })).toBeVisible();
  await shop.kill();
  await page.getByRole('radio', { name: 'So-so' }).click();
  const remark = `Logged alone ${Date.now()}`;
  await page.getByLabel('Remark').fill(remark);
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByText('Kept on this device')).toBeVisible();
  await expect(page.getByText(/No connection. 1 entry waits/)).toBeVisible();
  await page.getByRole('link', { name: 'Book' }).click();
  await expect(page.getByText('Waiting to be sent')).toBeVisible();

  await shop.start();
  await expect(page.getByText('Waiting to be sent')).toBeHidden({ timeout: 20_000 });
  await expect(page.getByText(/No connection/)).toBeHidden();
  await page.reload();
  await page.getByLabel('Find').fill(remark);
  await expect(page.getByRole('button', { name: /^Turn Pump bush bronze/ })).toHaveCount(1);
});

test('a waiting entry survives a closed tab', async ({ page, context, shop }) => {
  await page.goto(`/book/${DEMO.cut.sheave}`);
  await expect(page.getByLabel('Remark')).toBeVisible();
  await shop.stop();
  const remark = `Looked at again ${Date.now()}`;
  await page.getByLabel('Remark').fill(remark);
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByText(/No connection. 1 entry waits/)).toBeVisible();
  await page.close();
  await shop.start();
  const again = await context.newPage();
  await again.goto(`/book/${DEMO.cut.sheave}`);
  await expect(again.getByLabel('Remark')).toHaveValue(remark);
  await expect(again.getByText(/waiting to be sent/i)).toBeHidden({ timeout: 20_000 });
});

test('without the server every page still opens and the arithmetic goes on', async ({ page, shop }) => {
  await page.goto(bushCut);
  await expect(page.getByRole('button', { name: /^Spindle/ })).toContainText('118');
  await page.waitForFunction(() =>
    performance.getEntriesByType('resource').some((one) => one.name.includes('/api/grinds?')),
  );
  await page.waitForLoadState('networkidle');
  await shop.stop();
  await typeSize(page, 'diameter', '20');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Spindle/ })).toContainText('265');
  for (const place of ['Drawer', 'Book', 'Bench', 'Cut']) {
    await page.getByRole('link', { name: place }).click();
    await expect(page.getByText('Not here yet')).toHaveCount(0);
    await expect(page.getByText('This page stumbled')).toHaveCount(0);
    if (place !== 'Cut')
      await expect(
        page.getByRole('button', { name: /^(Bay lathe|Turn Pump bush bronze|Worn knife tool)/ }).first(),
      ).toBeVisible();
  }
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀20');
  // Rarer sketches and the curves of a worker are on the device as well.
  await page.getByRole('button', { name: 'What will happen' }).click();
  await expect(page.getByRole('img', { name: /^Power: \d+ % as it stands/ })).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: /, Operation, change$/ }).click();
  await page.getByRole('button', { name: /^Turn a taper/ }).click();
  await expect(page.getByRole('img', { name: /^Taper of 1.43° half angle/ })).toBeVisible();
  await shop.start();
});

test('a record that is not as the application knows it is named and left out; the others and every page are there', async ({
  page,
  shop,
}) => {
  const spoil = (sql: string) => owner(shop.ownerUrl, (client) => client.query(sql, [DEMO.tool.reamer12]));
  await spoil(`update tool set body = body - 'material' || '{"diameterMm": "twelve"}' where id = $1`);
  try {
    await page.goto('/drawer?kind=tools');
    await expect(page.getByText(/left out here: Reamer 12/)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Boring bar/ })).toBeVisible();
    for (const place of ['Bench', 'Cut', 'Grind', 'Book']) {
      await page.getByRole('link', { name: place }).click();
      await expect(page.getByText('This page stumbled')).toBeHidden();
    }
  } finally {
    await spoil(`update tool set body = body || '{"material": "hss", "diameterMm": 12}' where id = $1`);
  }
});

/** A write that an application kept before there was a database on the device. */
const keptBefore = (page: Page, entries: readonly object[]) =>
  page.addInitScript(
    (kept) => {
      if (sessionStorage.getItem('kept')) return;
      sessionStorage.setItem('kept', 'once');
      localStorage.setItem('pike-outbox', kept);
    },
    JSON.stringify({ state: { lastSent: {}, entries }, version: 0 }),
  );
const waiting = {
  kind: 'stock',
  id: '0192f0aa-0000-7000-8000-000000000001',
  version: 0,
  archived: false,
  queuedAt: '2026-11-02T10:00:00.000Z',
  state: 'waiting',
};

test('what the server refuses is kept, shown with the reason, and mended, sent again or dropped by hand', async ({
  page,
}) => {
  // A metal that is not in this shop.
  const metal = '0192f0aa-0000-7000-8000-0000000000ff';
  const body = {
    name: 'Bar of nobody',
    metal,
    form: 'round',
    sizeMm: 20,
    uncertain: false,
    skinMm: 0,
    note: '',
  };
  await keptBefore(page, [{ ...waiting, body }]);
  await page.goto('/book');
  const notice = page.getByRole('alert');
  await expect(notice).toContainText('Bar of nobody was not taken');
  await page.reload();
  await expect(notice).toContainText('Bar of nobody was not taken');
  await notice.getByRole('button', { name: 'Send again' }).click();
  await expect(notice).toContainText('Bar of nobody was not taken');
  await notice.getByRole('button', { name: 'Mend it' }).click();
  await expect(page.getByLabel('Name')).toHaveValue('Bar of nobody');
  await page.goBack();
  await notice.getByRole('button', { name: 'Drop it' }).click();
  await expect(notice).toBeHidden();
});

test('what was kept misshapen is set aside and said so, can be saved and dropped, and takes no page down', async ({
  page,
}) => {
  await keptBefore(page, [{ ...waiting, kind: 'tools', body: { name: 'Old form' } }]);
  await page.addInitScript(() => {
    if (sessionStorage.getItem('spoilt')) return;
    sessionStorage.setItem('spoilt', 'once');
    localStorage.setItem('pike-preferences', '{"state":{"units":7,"recent":null},"version":0}');
    localStorage.setItem('pike-cut-draft', 'nonsense');
  });
  await page.goto('/drawer');
  const notice = page.getByRole('alert');
  await expect(notice).toContainText('could not be read');
  for (const place of ['Bench', 'Cut', 'Grind', 'Drawer', 'Book']) {
    await page.getByRole('link', { name: place }).click();
    await expect(page.getByText('This page stumbled')).toBeHidden();
  }
  await notice.getByRole('button', { name: 'Look at it' }).click();
  const list = page.getByRole('list', { name: 'Set aside on this device' });
  await expect(list.getByRole('listitem')).toHaveCount(4);
  const saved = page.waitForEvent('download');
  await list.getByRole('button', { name: /^Save/ }).first().click();
  expect((await saved).suggestedFilename()).toMatch(/\.json$/);
  for (let left = 4; left > 0; left -= 1) await list.getByRole('button', { name: /^Drop/ }).first().click();
  await expect(notice).toBeHidden();
});

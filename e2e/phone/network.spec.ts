import { bushCut, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

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
  await expect(page.getByRole('heading', { name: 'What was really set?' })).toBeVisible();
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
    performance.getEntriesByType('resource').some((one) => one.name.endsWith('/api/cuts')),
  );
  await page.waitForLoadState('networkidle');
  await shop.stop();
  await page.getByTestId('dimension-diameter').click();
  await page.keyboard.type('20');
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
  await page.getByRole('button', { name: /^Operation/ }).click();
  await page.getByRole('button', { name: /^Turn a taper/ }).click();
  await expect(page.getByRole('img', { name: /^Taper of 1.43° half angle/ })).toBeVisible();
  await shop.start();
});

test('what the server refuses is kept, shown with the reason, and dropped only by hand', async ({ page }) => {
  // A write from an older application, which no longer fits.
  await page.addInitScript(
    (kept) => {
      if (sessionStorage.getItem('kept')) return;
      sessionStorage.setItem('kept', 'once');
      localStorage.setItem('pike-outbox', kept);
    },
    JSON.stringify({
      state: {
        lastSent: {},
        entries: [
          {
            kind: 'tools',
            id: '0192f0aa-0000-7000-8000-000000000001',
            version: 0,
            archived: false,
            body: { name: 'Old form' },
            queuedAt: '2026-11-02T10:00:00.000Z',
            state: 'waiting',
          },
        ],
      },
      version: 0,
    }),
  );
  await page.goto('/book');
  const notice = page.getByRole('alert');
  await expect(notice).toContainText('Old form was not taken');
  await page.reload();
  await expect(notice).toContainText('Old form was not taken');
  await notice.getByRole('button', { name: 'Drop it' }).click();
  await expect(notice).toBeHidden();
});

import { createHash } from 'node:crypto';
import { bushCut, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { owner } from '../fixtures/shop';

test.use({ freshDevice: true });

test('a device that must show a code: a wrong one is refused at the field, the right one opens the page it came for', async ({
  page,
  request,
  shop,
}) => {
  await shop.stop();
  await shop.start({ PIKE_OWN_CLUSTER: 'no' });
  // A device that is in already, and shows the code.
  const token = 'a device of the shop';
  await owner(shop.ownerUrl, (client) =>
    client.query(
      `insert into session (shop_id, token_hash, expires_at, device, paired) values ($1, $2, now() + interval '1 hour', 'Laptop at the bench', true), ($1, 'gone', now() + interval '1 hour', 'Old tablet', true)`,
      [DEMO.shop, createHash('sha256').update(token).digest()],
    ),
  );
  const headers = { Cookie: `pike_session=${encodeURIComponent(token)}` };
  const codeNow = async () =>
    (await (await request.get('/api/devices/code', { headers })).json()).code as string;

  await page.goto(bushCut);
  await expect(page.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Spindle/ })).toBeHidden();
  const code = await codeNow();
  await page.getByLabel('Six digits').fill(String((Number(code) + 1) % 1_000_000).padStart(6, '0'));
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByText('That is not the code shown now.')).toBeVisible();
  await page.getByLabel('Six digits').fill(code);
  await page.getByLabel('Name of this device, if you like').fill('Phone at the lathe');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('button', { name: /^Spindle/ })).toContainText('118');

  await page.goto('/settings');
  const devices = page.getByRole('list', { name: 'Devices that are in' });
  await expect(devices.getByRole('listitem').filter({ hasText: 'Phone at the lathe' })).toContainText(
    'this device',
  );
  await page.getByRole('button', { name: 'Send away: Old tablet' }).click();
  await expect(devices.getByText('Old tablet')).toBeHidden();

  // Sent away by another device while its page is open, it is asked for a code again.
  const { devices: all } = await (await request.get('/api/devices', { headers })).json();
  const { id } = (all as { id: string; name: string }[]).find(({ name }) => name === 'Phone at the lathe')!;
  expect((await request.delete(`/api/devices/${id}`, { headers })).status()).toBe(204);
  await page.goto('/drawer');
  await expect(page.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
});

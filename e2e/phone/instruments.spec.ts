import { DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

test.use({ withInstruments: true });

test('a tachometer with drop-outs: live, held, taken, and put into the machine', async ({ page }) => {
  await page.goto(`/drawer/machines/${DEMO.machine.bay}/true-speed?step=4&way=pulses`);
  const live = page.getByTestId('live-speed');
  await expect(page.getByText('Simulated instrument, for trying out.', { exact: false })).toBeVisible();
  // It is pretended to run at 440 rpm, less a belt's slip: 432. Longer than one silence of the line.
  await expect(live).toContainText(/^43[0-4]\srpm/);
  await expect(page.getByText(/pulses, [1-9]\d* missed/)).toBeVisible();
  await page.waitForTimeout(7_500);
  await expect(live).toContainText(/^43[0-4]\srpm/);
  await page.getByRole('button', { name: 'Hold' }).click();
  await expect(page.getByText('Held: the figures stand still until you go on.')).toBeVisible();
  const held = await live.textContent();
  await page.waitForTimeout(1_500);
  expect(await live.textContent()).toBe(held);
  await page.getByRole('button', { name: 'Take this measure' }).click();
  await expect(page.getByText('by the pulses of a tachometer; the table says 440')).toBeVisible();
  await page.getByRole('button', { name: 'Put it into the machine' }).click();
  await page.getByRole('button', { name: /^Drive/ }).click();
  await expect(
    page.getByRole('button', { name: /^43[0-4] rpm, Belt 2, back gear out, measured/ }),
  ).toBeVisible();
});

test('a caliper: taken instead of typed, on its own page and at a pulley', async ({ page }) => {
  await page.goto('/drawer');
  await page.getByRole('button', { name: /^Instruments/ }).click();
  await page.getByRole('radio', { name: 'Caliper' }).click();
  await expect(page.getByTestId('live-value')).toContainText(/^25.4\d\smm/);
  await page.getByRole('button', { name: 'Take this reading' }).click();
  await expect(page.getByText(/Caliper, \d\d:\d\d/)).toBeVisible();
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  expect((await coming).suggestedFilename()).toBe('readings.csv');
  await page.getByRole('radio', { name: 'Clamp ammeter' }).click();
  await expect(page.getByTestId('live-value')).toContainText(/^[23].\d\d\sA/);

  await visit(page, `/drawer/machines/${DEMO.machine.drill}/drive`);
  await page
    .getByTestId('drive-drawing')
    .getByRole('button', { name: /^Belt 1, driving pulley 60 mm/ })
    .click();
  await page.getByRole('button', { name: /Take 60.0\d\smm, simulated caliper/ }).click();
  await expect(
    page.getByTestId('drive-drawing').getByRole('button', { name: /^Belt 1, driving pulley 60 mm/ }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Put everything back as it was' })).toBeEnabled();
});

test('a stream that is cut off is said to be stale, keeps what was taken, and goes on by itself', async ({
  page,
  shop,
}) => {
  await page.goto(`/drawer/machines/${DEMO.machine.mill}/true-speed?step=4&way=pulses`);
  await expect(page.getByTestId('live-speed')).toBeVisible();
  await page.getByRole('button', { name: 'Take this measure' }).click();
  await shop.stop();
  await expect(page.getByText(/^Stale: the stream was cut off/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take this measure' })).toBeDisabled();
  await shop.start();
  await expect(page.getByText('Live', { exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take this measure' })).toBeEnabled();
  await expect(page.getByText('by the pulses of a tachometer', { exact: false })).toBeVisible();
  await shop.unplug();
  await expect(page.getByText(/^Stale: the instrument does not answer/)).toBeVisible();
});

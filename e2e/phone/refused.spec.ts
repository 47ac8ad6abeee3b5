import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

test('what cannot be is refused with both sizes, at its field, and goes on from there', async ({ page }) => {
  await page.goto(
    cutAddress(DEMO.machine.long, DEMO.stock.bright, DEMO.tool.knife, {
      operation: 'turn',
      workDiameterMm: 25,
      depthMm: 15,
    }),
  );
  const refusal = page.getByText(/15\smm deep goes past the middle of ⌀25\smm: 12.5\smm at most/);
  await expect(refusal).toBeVisible();
  await page.getByRole('button', { name: 'Another depth' }).click();
  await page.keyboard.type('14');
  await expect(page.getByRole('dialog').getByText(/14\smm deep goes past the middle/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Set', exact: true })).toBeDisabled();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Take our start' }).click();
  await expect(page.getByRole('button', { name: /^Spindle \d+ rpm/ })).toBeVisible();
  await expect(refusal).toBeHidden();
});

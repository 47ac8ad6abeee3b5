import type { Page } from '@playwright/test';
import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

/** Asks which tool would be better for a railing on the bay lathe. */
async function weigh(page: Page): Promise<void> {
  await page.goto(
    cutAddress(DEMO.machine.bay, DEMO.stock.railing, DEMO.tool.knife, {
      operation: 'turn',
      workDiameterMm: 32,
    }),
  );
  await page.getByRole('button', { name: 'Which tool?' }).click();
  await expect(page.getByTestId('verdict')).toBeVisible();
}

test('the shop’s school is among the reasons and leans the verdict', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: 'Inserts first' }).click();
  await weigh(page);
  await expect(page.getByRole('button', { name: /^Your school, 0\.7 for Carbide/ })).toBeVisible();
  await expect(page.getByText('Your shop leans one way')).toBeVisible();
  const likely = page.getByRole('img', { name: /^High speed steel \d+ percent/ });
  const leaning = await likely.getAttribute('aria-label');
  await visit(page, '/settings');
  await page.getByRole('radio', { name: 'Neither first' }).click();
  await weigh(page);
  await expect(likely).not.toHaveAttribute('aria-label', leaning!);
  await expect(page.getByRole('button', { name: /^Your school/ })).toHaveCount(0);
});

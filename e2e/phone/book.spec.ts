import type { Page } from '@playwright/test';
import { bushCut, cutAddress, DEMO, frameCut } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

const toLog = async (page: Page, address: string) => {
  await page.goto(address);
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await expect(page.getByRole('heading', { name: 'What did you see?' })).toBeVisible();
};
const put = (page: Page) => page.getByRole('button', { name: 'Put in the book' }).click();

test('what was really set differs from the plan: both stand in the book', async ({ page }) => {
  await toLog(page, bushCut);
  await page.getByRole('slider', { name: 'Speed that was set' }).press('ArrowDown');
  await page.getByRole('slider', { name: 'Feed that was set' }).press('ArrowUp');
  await page.getByRole('button', { name: /^1.02.*, Depth, change$/ }).click();
  await page.keyboard.type('30 thou');
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: 'Did not work' }).click();
  await page.getByLabel('Remark').fill('Too slow: it smeared.');
  await put(page);
  const main = page.getByRole('main');
  for (const text of [
    '118 rpm',
    '70 rpm',
    '0.1 mm/rev',
    '0.12 mm/rev',
    '1.02 mm',
    '0.76 mm',
    'Belt 3, back gear in',
  ])
    await expect(main.getByText(text, { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Open in Cut' }).click();
  await expect(page.getByRole('button', { name: /^Spindle 70 rpm/ })).toBeVisible();
  await expect(page.getByTestId('dimension-depth')).toContainText('0.76');
});

test('a remark of 10,000 characters is refused with a sentence and not cut off', async ({ page }) => {
  await toLog(page, bushCut);
  await page.getByRole('radio', { name: 'So-so' }).click();
  const long = 'chatter '.repeat(1_250);
  await page.getByLabel('Remark').fill(long);
  await put(page);
  await expect(page.getByText('Keep the remark under 2000 characters.')).toBeVisible();
  await expect(page.getByLabel('Remark')).toHaveValue(long);
  await page.reload();
  await expect(page.getByLabel('Remark')).toHaveValue(long);
  await page.getByLabel('Remark').fill('chatter');
  await put(page);
  await expect(page.getByRole('heading', { name: 'Turn Pump bush bronze' })).toBeVisible();
});

test('a hand feed is logged as what was really wound', async ({ page }) => {
  await toLog(page, frameCut);
  await page.getByRole('button', { name: /, Feed per turn, change$/ }).click();
  await page.keyboard.type('0.2');
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  await put(page);
  await expect(page.getByText('0.2 mm/rev', { exact: true }).first()).toBeVisible();
});

test('an entry is changed, taken out of the list, and brought back by undo', async ({ page }) => {
  await page.goto(`/book/${DEMO.cut.sheave}`);
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  await page.getByLabel('Remark').fill('Second thoughts: the corner was sound.');
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep the change' })).toBeHidden();
  await page.reload();
  await expect(page.getByLabel('Remark')).toHaveValue('Second thoughts: the corner was sound.');

  await page.getByRole('button', { name: 'Archive' }).click();
  await page.getByLabel('Find').fill('sheave');
  await expect(page.getByText('Nothing with these words')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Turn Sheave casting/ })).toBeVisible();
});

test('the bench goes on with what is set up, and repeats what was done last', async ({ page }) => {
  await page.goto(
    cutAddress(DEMO.machine.long, DEMO.stock.stainless, DEMO.tool.knife, {
      operation: 'turn',
      workDiameterMm: 28,
    }),
  );
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀28');
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByRole('button', { name: /^Pump shaft stainless, ⌀28 mm/ })).toBeVisible();
  await page.getByRole('button', { name: 'Worn knife tool, To be ground.' }).click();
  await page.getByRole('button', { name: 'The tool', exact: true }).click();
  await expect(page.getByRole('checkbox', { name: 'Dull' })).toBeChecked();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await page.getByRole('button', { name: /Set up again: / }).click();
  await expect(page.getByRole('button', { name: 'Cut taken' })).toBeVisible();
  await expect(page.getByTestId('dimension-diameter')).not.toContainText('⌀28');
});

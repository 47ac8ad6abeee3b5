import type { Page } from '@playwright/test';
import { cutAddress, DEMO, frameCut } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { typeSize } from '../fixtures/typing';

const type = async (page: Page, key: string, text: string) => {
  await typeSize(page, key, text);
  await page.keyboard.press('Enter');
};

test('every figure of the mill’s sketch is a field: diameter, depth, width, out', async ({ page }) => {
  await page.goto(frameCut);
  await type(page, 'width', '3');
  await expect(page.getByTestId('dimension-width')).toContainText('3 wide');
  await type(page, 'depth', '1/4');
  await expect(page.getByTestId('dimension-depth')).toContainText('6.35 deep');
  await type(page, 'stickOut', '80');
  await expect(page.getByText(/Sticks out 6.7 diameters, 4 is usual/)).toBeVisible();
  await type(page, 'diameter', '11.8');
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀11.8');

  await typeSize(page, 'width', '20');
  await expect(page.getByText(/20\smm is wider than the cutter, ⌀11.8\smm/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Set', exact: true })).toBeDisabled();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page.getByTestId('dimension-width')).toContainText('3 wide');
});

test('a cutter measured smaller than the drawer says can be put back', async ({ page }) => {
  await page.goto(frameCut);
  await type(page, 'diameter', '11.7');
  await page.getByTestId('dimension-diameter').click();
  await page.getByRole('button', { name: 'Use the proposed start' }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀12');
});

test('deeper than the flutes are long is a danger, said at once', async ({ page }) => {
  await page.goto(frameCut);
  await type(page, 'depth', '40');
  await expect(page.getByRole('alert')).toContainText(/Deeper than the flutes are long \(26.4\smm\)/);
});

test('touching the feed on the sketch opens its working', async ({ page }) => {
  await page.goto(
    cutAddress(DEMO.machine.mill, DEMO.stock.bright, DEMO.tool.slotDrill, {
      operation: 'mill-slot',
      stickOutMm: 30,
    }),
  );
  await page.getByTestId('dimension-feed').click();
  const working = page.getByRole('list', { name: 'Working of the feed' });
  await expect(working).toContainText('Chip load, slot in low-carbon steel, cold drawn');
  await expect(working).toContainText('Full-width slot');
  await expect(working).toContainText('table wheel over the feed rate; a hand winds within about 20 %');
});

test('a letter drill on the mill, and the first depth before the chips are cleared', async ({ page }) => {
  await page.goto(cutAddress(DEMO.machine.mill, DEMO.stock.hatch, DEMO.tool.drill85, { operation: 'drill' }));
  await page.getByTestId('dimension-diameter').click();
  await page.getByRole('dialog').getByRole('button', { name: 'letter drill Q' }).click();
  await expect(page.getByRole('dialog')).toContainText(/Q is 8.43\smm = 0.332\sin/);
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByTestId('dimension-depth')).toContainText('25 deep');
  await type(page, 'depth', '60');
  await expect(page.getByText(/Draw the drill out and clear the chips after 25.3/)).toBeVisible();
});

test('the words of the sentence offer only what fits', async ({ page }) => {
  await page.goto(frameCut);
  await page.getByRole('button', { name: /, Tool, change$/ }).click();
  const panel = page.getByRole('dialog');
  await expect(panel.getByRole('button', { name: /end mill/ }).first()).toBeVisible();
  await expect(panel.getByRole('button', { name: /^Drill/ })).toHaveCount(0);
  await panel.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: /, Operation, change$/ }).click();
  await expect(page.getByRole('dialog').getByRole('button', { name: /^Turn,/ })).toHaveCount(0);
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Face-mill,/ })
    .click();
  await expect(page.getByRole('button', { name: /^Face mill.*, Tool, change$/ })).toBeVisible();
});

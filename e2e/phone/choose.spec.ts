import type { Page } from '@playwright/test';
import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

const turn = (machine: string, stock: string, workDiameterMm: number) =>
  cutAddress(machine, stock, DEMO.tool.knife, { operation: 'turn', workDiameterMm });

/** Opens a cut and asks which tool would be better. */
async function choose(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('button', { name: 'Which tool?' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Which tool?' })).toBeVisible();
}
const verdict = (page: Page) => page.getByTestId('verdict');

test('three jobs have three verdicts, each in the machine’s own numbers', async ({ page }) => {
  await choose(page, turn(DEMO.machine.bay, DEMO.stock.railing, 32));
  await expect(verdict(page)).toHaveText('High speed steel, clearly');
  await expect(page.getByRole('status').first()).toContainText(
    /Your machine tops out at 75\sm\/min on ⌀32\smm \(744 rpm\): below the 130\sm\/min/,
  );
  await choose(page, turn(DEMO.machine.long, DEMO.stock.stainless, 30));
  await expect(verdict(page)).toHaveText('Carbide, strongly');
  await choose(page, turn(DEMO.machine.bay, DEMO.stock.shaft, 50));
  await expect(verdict(page)).toHaveText('Either will do: a toss-up');
});

test('another machine flips the verdict; what would flip it is said before', async ({ page }) => {
  await choose(page, turn(DEMO.machine.bay, DEMO.stock.railing, 32));
  await expect(
    page.getByText(/^A machine that reaches \d+\sm\/min, .* or larger work: carbide\.$/),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Bay lathe.*, Machine, change$/ }).click();
  await page.getByRole('button', { name: /^Long-bed lathe/ }).click();
  await expect(verdict(page)).toHaveText('Carbide, clearly');
});

test('a reason opens on touch, what the job asks changes the verdict', async ({ page }) => {
  await choose(page, turn(DEMO.machine.long, DEMO.stock.shaft, 50));
  await expect(verdict(page)).toHaveText('Carbide, strongly');
  const reasons = page.getByRole('list', { name: 'Reasons for HSS and for Carbide' });
  await reasons.getByRole('button', { name: /^Hardness/ }).click();
  await expect(page.getByText('The metal is about 195 HB: high speed steel cuts that easily.')).toBeVisible();
  await page.getByRole('button', { name: /^one part.*, The job, change$/ }).click();
  await page.getByRole('checkbox', { name: 'A special form' }).click();
  await page.getByRole('textbox', { name: 'Or another number' }).fill('0');
  await expect(page.getByText('Must be a whole number from 1 to 10000.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Or another number' }).fill('3');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(
    page.getByRole('button', { name: /^3 parts.*a special form.*, The job, change$/ }),
  ).toBeVisible();
  await expect(verdict(page)).not.toHaveText('Carbide, strongly');
  // It is still there after a reload.
  await page.reload();
  await expect(page.getByRole('button', { name: /^3 parts.*, The job, change$/ })).toBeVisible();
});

test('one touch carries the pick to the cut; its tool word leads back with the same ranking', async ({
  page,
}) => {
  await choose(page, turn(DEMO.machine.long, DEMO.stock.shaft, 50));
  await page.getByRole('button', { name: /Take Coated insert 0\.8/ }).click();
  await expect(page.getByRole('button', { name: /^Coated insert 0\.8.*, Tool, change$/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Spindle/ })).toBeVisible();
  await page.getByRole('button', { name: /^Coated insert.*, Tool, change$/ }).click();
  const panel = page.getByRole('dialog');
  await expect(
    panel.getByRole('button', { name: /^Coated insert|^HSS|^Brazed/ }).first(),
  ).toHaveAccessibleName(/^Coated insert 0\.8/);
  await panel.getByRole('button', { name: 'Which would be better?' }).click();
  await expect(verdict(page)).toBeVisible();
});

test('what it costs is spread by many trials, and a price of the shop’s own changes it', async ({ page }) => {
  await choose(page, turn(DEMO.machine.bay, DEMO.stock.shaft, 50));
  await page.getByRole('button', { name: /^What it costs/ }).click();
  await expect(page.getByTestId('cheaper')).toHaveText(/is cheaper, (almost always|\d+ times in 100)/);
  const chart = page.getByRole('img', { name: /^Cost of a part: HSS/ });
  const before = await chart.getAttribute('aria-label');
  await expect(page.getByRole('heading', { name: /^It hangs most on/ })).toBeVisible();
  await page.getByRole('button', { name: /^A minute, machine and hand, typical/ }).click();
  const amount = page.getByRole('textbox', { name: /^A minute, machine and hand/ });
  await amount.fill('-1');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByText('Must be a number from 0.01 to 1000000.')).toBeVisible();
  await amount.fill('1,2');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(
    page.getByRole('button', { name: /^A minute, machine and hand, the shop’s own/ }),
  ).toBeVisible();
  await expect(chart).not.toHaveAttribute('aria-label', before!);
  await page.getByRole('button', { name: /^A minute, machine and hand, the shop’s own/ }).click();
  await page.getByRole('button', { name: 'Back to the typical' }).click();
  await expect(chart).toHaveAttribute('aria-label', before!);
});

test('a slot is as wide as its cutter: another size is no choice, another cutter makes it another job', async ({
  page,
}) => {
  await choose(
    page,
    cutAddress(DEMO.machine.mill, DEMO.stock.hatch, DEMO.tool.endMill12, {
      operation: 'mill-slot',
      stickOutMm: 30,
    }),
  );
  await expect(page.getByRole('button', { name: 'Take HSS end mill 12, 4 flutes to the cut' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: /^HSS end mill 20, 4 flutes, HSS · another size/ }),
  ).toBeVisible();
  await expect(page.getByText('Buy one of carbide 12 mm.')).toBeVisible();
  await page.getByRole('button', { name: /^12 mm wide.*, Size, change$/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Carbide end mill 8, 4 flutes/ })
    .click();
  await expect(
    page.getByRole('button', { name: 'Take Carbide end mill 8, 4 flutes to the cut' }),
  ).toBeVisible();
  await expect(page.getByText('Buy one of high speed steel 8 mm.')).toBeVisible();
});

test('an end mill is told what matters, in order; a knurl has nothing to choose', async ({ page }) => {
  await choose(
    page,
    cutAddress(DEMO.machine.mill, DEMO.stock.hatch, DEMO.tool.endMill12, {
      operation: 'plunge',
      stickOutMm: 30,
    }),
  );
  for (const title of ['1 Speed and feed', '2 Flutes and helix', '3 Coating', '4 Fluid'])
    await expect(page.getByText(title)).toBeVisible();
  await expect(page.getByText(/bare and polished, ZrN or DLC; not TiAlN, AlTiN or AlCrN\./)).toBeVisible();
  await choose(
    page,
    cutAddress(DEMO.machine.bay, DEMO.stock.shaft, DEMO.tool.knurl, {
      operation: 'knurl',
      workDiameterMm: 30,
    }),
  );
  await expect(page.getByText(/one kind of tool only: there is nothing to choose/)).toBeVisible();
});

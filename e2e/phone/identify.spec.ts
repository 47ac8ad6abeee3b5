import { expect, test } from '../fixtures/device';

test.use({ withInstruments: true });

test('an unknown rod is weighed, measured and looked at until it is sure; its speeds follow', async ({
  page,
}) => {
  await page.goto('/drawer?kind=tools');
  await page.getByRole('button', { name: /^What is this cutter\?/ }).click();
  const verdict = page.getByTestId('substance');
  await expect(verdict).toHaveText(/^High speed steel, 45\s%$/);
  await expect(page.getByRole('heading', { name: 'Magnet: tells most next' })).toBeVisible();
  await page.getByRole('radio', { name: 'Weakly drawn' }).click();
  await expect(verdict).toHaveText(/^Carbide, \d\d\s%$/);
  await expect(page.getByRole('heading', { name: 'Weigh and measure: tells most next' })).toBeVisible();
  const weighing = page.getByRole('textbox', { name: 'Weight, g' });
  await expect(weighing).not.toBeInViewport();
  await page.getByRole('button', { name: 'Tells most next: weigh and measure' }).click();
  await expect(weighing).toBeInViewport();
  // Weight and diameter from the simulated balance and caliper, the length typed.
  await page.getByRole('button', { name: /Take 113\.\d+\sg, simulated balance/ }).click();
  await page.getByRole('button', { name: /Take 10\.\d+\smm, simulated caliper/ }).click();
  await page.getByRole('textbox', { name: 'Length, mm' }).fill('100');
  await expect(page.getByTestId('density')).toHaveText(/^14\.\d\d ± 0\.\d\d g\/cm³$/);
  await expect(verdict).toHaveText('Carbide, sure');
  // It is still there after a reload.
  await page.reload();
  await expect(verdict).toHaveText('Carbide, sure');
  const scrap = page.getByTestId('scrap');
  await expect(scrap).toHaveText(/^140 g in the box, worth about 1\.68$/);
  await page.getByRole('button', { name: /This one, 113\.\d+ g, to the scrap/ }).click();
  await expect(scrap).toHaveText(/^25[34] g in the box/);
  await page.getByRole('button', { name: /Keep as Solid carbide/ }).click();
  await expect(page.getByRole('button', { name: /^Edge: Solid carbide/ })).toBeVisible();
});

test('a reading that cannot be and observations that do not fit are said', async ({ page }) => {
  await page.goto('/drawer/identify');
  await page.getByRole('textbox', { name: 'Weight, g' }).fill('5');
  await page.getByRole('textbox', { name: 'Diameter, mm' }).fill('10');
  await page.getByRole('textbox', { name: 'Length, mm' }).fill('100');
  await expect(
    page.getByText('Lighter than plastic: look at the sizes and the balance again.'),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'Hung in water' }).click();
  await page.getByRole('textbox', { name: 'Weight in water, g' }).fill('6');
  await expect(page.getByText('In water it must weigh less than in air.')).toBeVisible();
  for (const seen of [
    'Jumps to it',
    'White or matt black',
    'Black or forged',
    'Diamond skates on it',
    'White, bursting forks',
  ])
    await page.getByRole('radio', { name: seen }).click();
  await expect(page.getByText(/^These do not fit together/)).toBeVisible();
  await page.getByRole('button', { name: 'Another one' }).click();
  await expect(page.getByTestId('substance')).toHaveText(/^High speed steel, 45\s%$/);
});

test('a welded edge: worth it or not, the bath step by step, the edges back in the box', async ({ page }) => {
  await page.goto('/drawer/rescue');
  const worth = page.getByTestId('worth');
  await page.getByRole('button', { name: /^They come back to:/ }).click();
  await page.getByRole('button', { name: /^Coated inserts 0\.4/ }).click();
  await page.getByRole('textbox', { name: 'Edges', exact: true }).fill('2');
  await expect(worth).toHaveText(/^Not worth a bath/);
  await page.getByRole('textbox', { name: 'Edges', exact: true }).fill('9');
  await expect(worth).toHaveText(/^Worth it by the bath/);
  await expect(page.getByTestId('bath')).toContainText('sodium hydroxide in 0.25 l of cold water');
  await page.getByRole('button', { name: 'Step by step' }).click();
  const steps = page.getByRole('dialog');
  for (let step = 1; step < 9; step += 1) {
    await expect(steps).toContainText(`Step ${step} of 9`);
    if (step === 5) await expect(steps).toContainText('Lye into water, never water into lye');
    await steps.getByRole('button', { name: 'Next' }).click();
  }
  await steps.getByRole('button', { name: 'Done, the edges are clean' }).click();
  await expect(page.getByText('9 edges are back in Coated inserts 0.4, 80°.')).toBeVisible();
});

test('a starting kit keeps within its budget and says what to grind instead', async ({ page }) => {
  await page.goto('/drawer/kit');
  const kit = page.getByTestId('kit');
  const list = page.getByRole('list', { name: 'What to buy' });
  await expect(list.getByRole('listitem').first()).toContainText('Buy first');
  await page.getByRole('textbox', { name: /^Budget/ }).fill('40');
  await expect(kit).toHaveText(/^\d+ of 40: does \d+ % of what is needed$/);
  await page.getByRole('textbox', { name: /^Budget/ }).fill('-5');
  await expect(page.getByText('Must be a number from 0 to 100000.')).toBeVisible();
  await page.getByRole('textbox', { name: /^Budget/ }).fill('600');
  await page.getByRole('checkbox', { name: /^Bench grinder/ }).click();
  await expect(list).toContainText('Grind instead of buying: knife tool');
});

import type { Page } from '@playwright/test';
import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

const add = (page: Page) => page.getByRole('button', { name: 'Add to the drawer' }).click();

test('a new tool: bad input is refused at its field, survives a reload, and is then in Cut', async ({
  page,
}) => {
  const name = `Round nose ${Date.now()}`;
  await page.goto('/drawer?kind=tools');
  await page.getByRole('button', { name: 'Add a tool' }).click();
  await add(page);
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await page.getByLabel('Name').fill(name);
  const nose = page.getByLabel(/^Nose radius/);
  for (const [text, sentence] of [
    ['', 'Type a size'],
    ['0', 'more than 0'],
    ['-1', 'more than 0'],
    ['abc', 'cannot be read'],
    ['99', 'Must be a number from 0.05 to 30 mm'],
    ['x'.repeat(10_000), 'longer than any size'],
  ] as const) {
    await nose.fill(text);
    await add(page);
    await expect(page.getByText(sentence)).toBeVisible();
    await expect(nose).toHaveValue(text);
  }
  await page.reload();
  await expect(page.getByLabel('Name')).toHaveValue(name);
  await page.getByLabel(/^Nose radius/).fill('1/32');
  await expect(page.getByText('0.79 mm = 0.031 in')).toBeVisible();
  await add(page);
  await expect(page.getByText(`${name} is in the drawer.`)).toBeVisible();

  await page.goto(cutAddress(DEMO.machine.bay, DEMO.stock.bright, DEMO.tool.knife, { operation: 'turn' }));
  await page.getByRole('button', { name: /^Tool: / }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .click();
  await expect(page.getByRole('button', { name: `Tool: ${name}, change` })).toBeVisible();
});

test('a machine with new speeds changes what Cut says; its rows are put in order', async ({ page }) => {
  await page.goto('/drawer');
  await page.getByRole('button', { name: 'Add a machine' }).click();
  await page.getByRole('button', { name: /^From its plate/ }).click();
  await page.getByLabel('Name').fill('Pattern lathe');
  await page.getByLabel('Speed 1, rpm').fill('600');
  await page.getByLabel('Speed 1, how it is set').fill('Cone 1');
  await page.getByRole('button', { name: 'Add a speed' }).click();
  await page.getByLabel('Speed 2, rpm').fill('three hundred');
  await page.getByLabel('Speed 2, how it is set').fill('Cone 2');
  await add(page);
  await expect(page.getByText('Must be a number from 0.5 to 30000 rpm.')).toBeVisible();
  await page
    .getByLabel(/^Speed \d, rpm$/)
    .nth(1)
    .fill('300');
  await add(page);
  await expect(page.getByText('Pattern lathe is in the drawer.')).toBeVisible();
  await page
    .getByRole('button', { name: /^Pattern lathe, lathe/ })
    .first()
    .click();
  await expect(page.getByLabel('Speed 1, rpm')).toHaveValue('300');

  await page.goto(
    cutAddress(DEMO.machine.bay, DEMO.stock.bright, DEMO.tool.knife, {
      operation: 'turn',
      workDiameterMm: 25,
    }),
  );
  await page.getByRole('button', { name: /^Machine: / }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Pattern lathe/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Spindle 300 rpm, Cone 2/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^By hand, carriage wheel/ })).toBeVisible();
});

test('duplicate, put away with undo, bring back', async ({ page }) => {
  await page.goto(`/drawer/tools/${DEMO.tool.slotDrill}`);
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByLabel('Name')).toHaveValue('HSS slot drill 10, copy');
  await add(page);
  await expect(page.getByText('HSS slot drill 10, copy is in the drawer.')).toBeVisible();
  await page.goto('/drawer?kind=tools');
  await page.getByLabel('Find').fill('slot drill 10, copy');
  await page.getByRole('button', { name: /^HSS slot drill 10, copy/ }).click();
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(page.getByText('HSS slot drill 10, copy is put away.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByLabel('Find').fill('slot drill 10, copy');
  await page.getByRole('button', { name: /^HSS slot drill 10, copy/ }).click();
  await page.getByRole('button', { name: 'Put away' }).click();
  await page.getByRole('button', { name: /^Show \d+ put away/ }).click();
  await page.getByRole('button', { name: /^HSS slot drill 10, copy/ }).click();
  await page.getByRole('button', { name: 'Bring back' }).click();
  await expect(page.getByText('HSS slot drill 10, copy is back.')).toBeVisible();
});

test('a metal of the shop’s own stands in place of the library, and says so', async ({ page }) => {
  await page.goto('/drawer?kind=metals');
  await page.getByRole('button', { name: 'Add a metal' }).click();
  const name = `Old axle steel ${Date.now()}`;
  await page.getByLabel('Name').fill(name);
  await page.getByRole('button', { name: /^Nearest in the library/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Medium-carbon/ })
    .click();
  await page.getByLabel(/^HSS .*low$/).fill('40');
  await page.getByLabel(/^HSS .*high$/).fill('12');
  await add(page);
  await expect(page.getByText('The high end must not be below the low end.')).toBeVisible();
  await page.getByLabel(/^HSS .*low$/).fill('10');
  await add(page);
  await expect(page.getByText(`${name} is in the drawer.`)).toBeVisible();

  await page.goto('/drawer/stock/new');
  await page.getByLabel('Name').fill('Axle bar');
  await page.getByRole('button', { name: /^Metal, or the nearest/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(name) })
    .click();
  await add(page);
  await expect(page.getByText('Axle bar is in the drawer.')).toBeVisible();
  await page.goto(cutAddress(DEMO.machine.long, DEMO.stock.bright, DEMO.tool.knife, { operation: 'turn' }));
  await page.getByRole('button', { name: /^Stock: / }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Axle bar/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^Spindle/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText('10 to 12 m/min');
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText(
    'your shop’s own value',
  );
});

test('two at one record: the second is told, keeps his words, and chooses', async ({
  page,
  browser,
  shop,
}) => {
  const other = await browser.newContext({ baseURL: shop.url });
  const second = await other.newPage();
  const address = `/drawer/stock/${DEMO.stock.brass}`;
  await page.goto(address);
  await second.goto(address);
  await expect(second.getByLabel('Note')).toBeVisible();
  await page.getByLabel('Note').fill('Five metres left.');
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByText('Brass hexagon is in the drawer.')).toBeVisible();

  await second.getByLabel('Note').fill('Four metres left.');
  await second.getByRole('button', { name: 'Keep the change' }).click();
  await expect(second.getByRole('alert')).toContainText('someone changed it after you opened it');
  await second.getByRole('button', { name: 'Keep mine' }).click();
  await expect(second.getByRole('alert')).toBeHidden();
  await expect(async () => {
    await page.goto(address);
    await expect(page.getByLabel('Note')).toHaveValue('Four metres left.', { timeout: 2_000 });
  }).toPass();
  await other.close();
});

test('what is not in this shop is not shown', async ({ page }) => {
  await page.goto('/drawer/tools/0192f000-0003-7000-8000-0000000000ff');
  await expect(page.getByText('Not in this drawer')).toBeVisible();
  await page.goto('/book/0192f000-0004-7000-8000-0000000000ff');
  await expect(page.getByText('Not in this book')).toBeVisible();
});

import type { Page } from '@playwright/test';
import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

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
  const nose = page.getByRole('textbox', { name: /^Nose radius/ });
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
  await nose.fill('1/32');
  await expect(page.getByText('0.79 mm = 0.031 in')).toBeVisible();
  await add(page);
  await expect(page.getByText(`${name} is in the drawer.`)).toBeVisible();

  await visit(page, cutAddress(DEMO.machine.bay, DEMO.stock.bright, DEMO.tool.knife, { operation: 'turn' }));
  await page.getByRole('button', { name: /, Tool, change$/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .click();
  await expect(page.getByRole('button', { name: `${name}, Tool, change` })).toBeVisible();
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

  await visit(
    page,
    cutAddress(DEMO.machine.bay, DEMO.stock.bright, DEMO.tool.knife, {
      operation: 'turn',
      workDiameterMm: 25,
    }),
  );
  await page.getByRole('button', { name: /, Machine, change$/ }).click();
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
  await visit(page, '/drawer?kind=tools');
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

  await visit(page, '/drawer/stock/new');
  await page.getByLabel('Name').fill('Axle bar');
  await page.getByRole('button', { name: /^Metal, or the nearest/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(name) })
    .click();
  await add(page);
  await expect(page.getByText('Axle bar is in the drawer.')).toBeVisible();
  await visit(page, cutAddress(DEMO.machine.long, DEMO.stock.bright, DEMO.tool.knife, { operation: 'turn' }));
  await page.getByRole('button', { name: /, Stock, change$/ }).click();
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
  await visit(page, '/book/0192f000-0004-7000-8000-0000000000ff');
  await expect(page.getByText('Not in this book')).toBeVisible();
});

test('a tool is drawn to scale; a touched figure changes it, and its boxes open on touch', async ({
  page,
}) => {
  await page.goto(`/drawer/tools/${DEMO.tool.endMill12}`);
  await expect(page.getByRole('img', { name: 'End mill, to scale' })).toBeVisible();
  await page.getByRole('button', { name: 'Length of flute 26.4 mm, change' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill('30');
  await page.getByRole('dialog').getByRole('button', { name: 'Set' }).click();
  await expect(page.getByRole('button', { name: 'Length of flute 30 mm, change' })).toBeVisible();
  await page.getByRole('button', { name: 'Teeth 4, change' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill('3');
  await page.getByRole('dialog').getByRole('button', { name: 'Set' }).click();
  await page.getByRole('button', { name: 'Size', exact: true }).click();
  await expect(page.getByLabel(/^Length of flute/).last()).toHaveValue('30');
  await expect(page.getByLabel('Teeth', { exact: true })).toHaveValue('3');
  await page
    .getByRole('button', { name: 'As before' })
    .or(page.getByRole('button', { name: 'Put everything back as it was' }))
    .click();
  await expect(page.getByRole('button', { name: 'Length of flute 26.4 mm, change' })).toBeVisible();
});

test('a CSV file is tried first, says every bad line, and changes nothing until it is taken in', async ({
  page,
}) => {
  await page.goto('/drawer?kind=tools');
  await page.getByRole('button', { name: /^As a file/ }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const saved = await (await download).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of saved) chunks.push(chunk as Buffer);
  const text = Buffer.concat(chunks).toString('utf8');
  expect(text.split('\r\n')[0]).toMatch(/^id,name,kind,/);
  const file = [
    'id,name,kind,material,diameterMm,note',
    ',Drill 6.2 from the file,drill,hss,6.2,=HYPERLINK(1)',
    ',Drill without a size,drill,hss,wide,',
    ',,drill,hss,3,',
  ].join('\n');
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Read a file' }).click();
  await (await choosing).setFiles({ name: 'tools.csv', mimeType: 'text/csv', buffer: Buffer.from(file) });
  await expect(page.getByTestId('dry-run')).toHaveText(
    '1 new, 0 changed, 0 as they are; 2 lines cannot be read',
  );
  const faults = page.getByRole('list', { name: 'What cannot be read' });
  await expect(faults).toContainText('Line 3, diameterMm: Cannot be read as a size');
  await expect(faults).toContainText('Line 4, name: Give it a name.');
  const { records } = await (await page.request.get('/api/tools')).json();
  expect(records.some(({ body }: { body: { name: string } }) => body.name.includes('from the file'))).toBe(
    false,
  );
  await page.getByRole('button', { name: 'Take in 1 good row' }).click();
  await expect(page.getByText('1 row is in the drawer.')).toBeVisible();
  await visit(page, '/drawer?kind=tools&q=from+the+file');
  await expect(page.getByRole('button', { name: /^Drill 6\.2 from the file/ })).toBeVisible();
});

test('labels are printed with a code each', async ({ page }) => {
  await page.goto('/drawer/labels?kind=supplies');
  await page.getByRole('button', { name: 'None of them' }).click();
  await expect(page.getByRole('button', { name: 'Print 0 labels' })).toBeDisabled();
  await page.getByRole('checkbox', { name: /^Coated inserts 0\.8/ }).click();
  await expect(page.getByRole('img', { name: 'Label of Coated inserts 0.8, 80°' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print 1 label' }).click();
  expect((await download).suggestedFilename()).toBe('pike-stone-labels.pdf');
});

test('a photo is kept small with its tool, and can be taken away and put back', async ({ page }) => {
  await page.goto(`/drawer/tools/${DEMO.tool.reamer12}`);
  const picture = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 1600;
    canvas.height = 1200;
    canvas.getContext('2d')!.fillRect(100, 100, 900, 700);
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add a photo' }).click();
  await (
    await choosing
  ).setFiles({ name: 'reamer.png', mimeType: 'image/png', buffer: Buffer.from(picture, 'base64') });
  const photo = page.getByRole('img', { name: 'Photo of Reamer 12' });
  await expect(photo).toBeVisible();
  await page.reload();
  await expect(photo).toBeVisible();
  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(photo).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(photo).toBeVisible();
});

test('what is typed stays when the phone is turned, in a sheet and on the page', async ({ page }) => {
  const [upright, across] = [
    { width: 390, height: 844 },
    { width: 844, height: 390 },
  ];
  await page.setViewportSize(upright);
  await page.goto(`/drawer/tools/${DEMO.tool.knife}`);
  await page.getByRole('button', { name: 'Counted', exact: true }).click();
  const count = page.getByRole('dialog').getByRole('textbox').first();
  await count.fill('21.5');
  await page.setViewportSize(across);
  // Across there is room for the list as well.
  await expect(page.getByText('Carbide drill 10')).toBeVisible();
  await expect(count).toHaveValue('21.5');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await visit(page, `/book/${DEMO.cut.bush}`);
  await page.getByLabel('Remark').fill('sang a little');
  await page.setViewportSize(upright);
  await expect(page.getByRole('button', { name: 'Back' })).toBeVisible();
  await expect(page.getByLabel('Remark')).toHaveValue('sang a little');
});

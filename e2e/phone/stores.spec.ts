import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

const insertCut = cutAddress(DEMO.machine.long, DEMO.stock.shaft, DEMO.tool.coated, {
  operation: 'turn',
  workDiameterMm: 50,
});

test('an insert used up at the machine is one touch, counts in the box, and can be taken back', async ({
  page,
}) => {
  await page.goto(insertCut);
  const edge = page.getByRole('group', { name: 'Edge of this tool' });
  await expect(edge).toContainText('37 edges left: 9 inserts and 1 edge of one');
  await edge.getByRole('button', { name: 'Edge used up' }).click();
  await expect(edge).toContainText('36 edges left: 9 inserts');
  await edge.getByRole('button', { name: 'Edge broke' }).click();
  await expect(edge).toContainText('35 edges left: 8 inserts and 3 edges of one');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(edge).toContainText('36 edges left');
  // The ledger keeps what was done and what was taken back.
  await visit(page, `/drawer/tools/${DEMO.tool.coated}`);
  await expect(page.getByText(/Edge used up, −1 edge/).first()).toBeVisible();
  await expect(page.getByText(/Edge broke, −1 edge/).first()).toBeVisible();
  await expect(page.getByText(/Taken back, \+1 edge/)).toBeVisible();
});

test('what is low shows on the bench; what was bought or counted is an entry', async ({ page }) => {
  await page.goto('/');
  const low = page.getByRole('list', { name: 'Running low' });
  await low.getByRole('button', { name: /^Polished inserts 0\.4, 55°, low/ }).click();
  const left = page.getByTestId('left');
  await expect(left).toHaveText('3 edges left: 1 insert and 1 edge of one, low');
  await page.getByRole('button', { name: 'Bought' }).click();
  await page.getByRole('textbox', { name: 'How many inserts' }).fill('-2');
  await page.getByRole('button', { name: 'Into the ledger' }).click();
  await expect(page.getByText('Must be a whole number from 1 to 10000.')).toBeVisible();
  await page.getByRole('textbox', { name: 'How many inserts' }).fill('5');
  await page.getByRole('button', { name: 'Into the ledger' }).click();
  await expect(left).toHaveText('13 edges left: 6 inserts and 1 edge of one');
  await page.getByRole('button', { name: 'Counted' }).click();
  await page.getByRole('textbox', { name: 'Edges that are there' }).fill('12');
  await page.getByRole('button', { name: 'Into the ledger' }).click();
  await expect(left).toHaveText('12 edges left: 6 inserts');
  await visit(page, '/');
  await expect(low).toBeVisible();
  await expect(low).not.toContainText('Polished inserts');
});

test('the last edge of a box gone is a caution at the machine', async ({ page }) => {
  await page.goto('/drawer?kind=supplies');
  await page.getByRole('button', { name: /^Polished inserts 0\.4, 55°/ }).click();
  await page.getByRole('button', { name: 'Counted' }).click();
  await page.getByRole('textbox', { name: 'Edges that are there' }).fill('0');
  await page.getByRole('button', { name: 'Into the ledger' }).click();
  await expect(page.getByTestId('left')).toHaveText('0 edges left: 0 inserts, none left');
  await visit(
    page,
    cutAddress(DEMO.machine.long, DEMO.stock.hatch, DEMO.tool.polished, {
      operation: 'turn',
      workDiameterMm: 40,
    }),
  );
  await expect(page.getByText(/^The last edge of Polished inserts 0\.4, 55° is used up/)).toBeVisible();
});

test('an edge used while the shop’s computer is away is counted, and sent when it answers', async ({
  page,
  shop,
}) => {
  await page.goto(insertCut);
  const edge = page.getByRole('group', { name: 'Edge of this tool' });
  await expect(edge).toContainText(/\d+ edges left/);
  const before = Number(/(\d+) edges/.exec((await edge.textContent()) ?? '')![1]);
  await shop.stop();
  await edge.getByRole('button', { name: 'Edge used up' }).click();
  await expect(edge).toContainText(`${before - 1} edges left`);
  await shop.start();
  await expect
    .poll(
      async () => {
        const { levels } = await (await page.request.get('/api/stock-levels')).json();
        return levels.some((level: { edges: number }) => level.edges === before - 1);
      },
      { timeout: 30_000 },
    )
    .toBe(true);
  await page.reload();
  await expect(edge).toContainText(`${before - 1} edges left`);
});

test('a dull bit that was ground is sharp and shorter; one too short says so', async ({ page }) => {
  const worn = DEMO.tool.knife.replace(/1$/, '5');
  await page.goto(
    cutAddress(DEMO.machine.bay, DEMO.stock.shaft, worn, { operation: 'turn', workDiameterMm: 50 }),
  );
  const edge = page.getByRole('group', { name: 'Edge of this tool' });
  await expect(edge).toContainText('Too short to grind again');
  await expect(edge.getByRole('button', { name: 'Ground it' })).toBeDisabled();
  await visit(page, `/drawer/tools/${worn}`);
  await page.getByRole('button', { name: 'Counted' }).click();
  await page.getByRole('textbox', { name: 'Length left to grind away (mm)' }).fill('3');
  await page.getByRole('button', { name: 'Into the ledger' }).click();
  await expect(page.getByTestId('left')).toHaveText(/^3\smm left to grind away: 6 regrinds$/);
  await page.getByRole('button', { name: 'Ground it' }).click();
  await expect(page.getByTestId('left')).toHaveText(/^2\.5\smm left to grind away: 5 regrinds$/);
  await page.getByRole('button', { name: 'The tool', exact: true }).click();
  await expect(page.getByRole('checkbox', { name: 'Dull' })).not.toBeChecked();
});

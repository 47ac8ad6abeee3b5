import { bushCut, cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

const shaftCut = cutAddress(DEMO.machine.long, DEMO.stock.shaft, DEMO.tool.coated, {
  operation: 'turn',
  workDiameterMm: 50,
  stickOutMm: 120,
  fluid: 'dry',
});

test('moving along the ladder moves everything that follows from it', async ({ page }) => {
  await page.goto(shaftCut);
  const ladder = page.getByRole('slider', { name: 'Spindle speed' });
  const spindle = page.getByRole('button', { name: /^Spindle/ });
  await expect(spindle).toContainText('1000');
  await ladder.press('ArrowRight');
  await expect(spindle).toContainText('1400');
  await ladder.press('ArrowRight');
  // 1800 rpm on 50 mm is 283 m/min, over the end of the chart at 220.
  await expect(page.getByRole('alert')).toContainText('Too fast for Coated carbide insert');
  await expect(page.getByRole('button', { name: 'One step up' })).toBeDisabled();
  await spindle.click();
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText(
    'Picked by you on the ladder',
  );
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toContainText('283 m/min');
  await page.goBack();
  for (let i = 0; i < 9; i += 1) await ladder.press('ArrowLeft');
  await expect(page.getByText(/Too slow for coated carbide insert.*Take sharp HSS/)).toBeVisible();
});

test('a touch on the ladder takes the nearest rung', async ({ page }) => {
  await page.goto(bushCut);
  const ladder = page.getByRole('slider', { name: 'Spindle speed' });
  await expect(page.getByRole('button', { name: /^Spindle/ })).toContainText('118');
  const box = (await ladder.boundingBox())!;
  await ladder.click({ position: { x: box.width - 20, y: 40 } });
  await expect(page.getByRole('button', { name: /^Spindle/ })).toContainText('744');
  await ladder.click({ position: { x: 20, y: 40 } });
  await expect(page.getByRole('button', { name: /^Spindle/ })).toContainText('42');
});

test('the feed has a ladder of its own levers', async ({ page }) => {
  await page.goto(shaftCut);
  await page.getByRole('button', { name: /^Carriage/ }).click();
  const working = page.getByRole('list', { name: 'Working of the feed' });
  await expect(working).toContainText('Lever nearest under it');
  await page.getByRole('slider', { name: 'Feed' }).press('ArrowUp');
  await expect(page.getByRole('heading', { name: '0.25 mm/rev' })).toBeVisible();
  await expect(working).toContainText('Picked by you');
  await expect(working).toContainText('Lever C, dial 1');
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('button', { name: /^Carriage 0.25/ })).toBeVisible();
});

test('the rule for the step is a school of the shop', async ({ page }) => {
  // 32 m/min eased to 25.6 by a tired machine, on 21 mm: 388 rpm. 440 is 13 % over it, 265 far under.
  const address = cutAddress(DEMO.machine.bay, DEMO.stock.bright, DEMO.tool.knife, {
    operation: 'turn',
    workDiameterMm: 21,
    stickOutMm: 40,
  });
  await page.goto(address);
  const spindle = page.getByRole('button', { name: /^Spindle/ });
  await expect(spindle).toContainText('265');
  await visit(page, '/settings');
  await page.getByRole('radio', { name: 'Nearest' }).click();
  await expect(page.getByRole('radio', { name: 'Nearest' })).toBeChecked();
  await visit(page, address);
  await expect(spindle).toContainText('440');
  await visit(page, '/settings');
  await page.getByRole('radio', { name: 'Up to 10 % above' }).click();
  await visit(page, address);
  await expect(spindle).toContainText('265');
});

test('an aim beyond the last step is an arrow at the end with the wanted speed', async ({ page }) => {
  await page.goto(
    cutAddress(DEMO.machine.drill, DEMO.stock.hatch, DEMO.tool.drill85, {
      operation: 'drill',
      cutterDiameterMm: 2,
    }),
  );
  await expect(page.getByRole('slider', { name: 'Spindle speed' })).toContainText(/aim \d{4,5}/);
});

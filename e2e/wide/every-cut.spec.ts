import { cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';

const { machine, stock, tool } = DEMO;

test('a thread: the next pass and all of them side by side', async ({ page }) => {
  await page.goto(
    cutAddress(machine.long, stock.shaft, tool.threading, { operation: 'thread', workDiameterMm: 16 }),
  );
  await page.getByRole('button', { name: 'Thread passes' }).click();
  await expect(page.getByTestId('next-infeed')).toBeInViewport();
  await expect(page.getByRole('list', { name: 'Passes' }).getByRole('listitem').first()).toBeInViewport();
  await page.getByRole('button', { name: 'Pass taken' }).click();
  await expect(page.getByRole('list', { name: 'Passes' }).getByRole('listitem').first()).toContainText(
    'taken',
  );
});

test('what will happen: the rows and the curves stay in view together', async ({ page }) => {
  await page.goto(
    cutAddress(machine.long, stock.shaft, tool.coated, {
      operation: 'turn',
      workDiameterMm: 50,
      stickOutMm: 220,
      support: 'between-centres',
    }),
  );
  await page.getByRole('button', { name: 'What will happen' }).click();
  await expect(
    page.getByRole('list', { name: 'What will happen' }).getByRole('listitem').first(),
  ).toBeInViewport();
  await expect(page.getByRole('img', { name: /^Power: \d+ % as it stands/ })).toBeInViewport();
  await page.getByRole('radio', { name: 'Depth', exact: true }).click();
  await expect(page.getByText(/Only the depth changes/)).toBeInViewport();
});

test('a flat face: the strips and the cutters side by side', async ({ page }) => {
  await page.goto(cutAddress(machine.mill, stock.hatch, tool.faceMill, { operation: 'face-mill' }));
  await page.getByRole('button', { name: 'A flat face' }).click();
  await expect(page.getByRole('img', { name: /strips with/ })).toBeInViewport();
  await expect(
    page.getByRole('list', { name: 'Cutters compared' }).getByRole('listitem').first(),
  ).toBeInViewport();
});

test('a rarer cut: its sketch, its answer and its working in view, its length typed on the sketch', async ({
  page,
}) => {
  await page.goto(
    cutAddress(machine.bay, stock.railing, tool.knife, {
      operation: 'shoulder',
      workDiameterMm: 32,
      lengthMm: 20,
    }),
  );
  await expect(page.getByRole('img', { name: /to a shoulder 20\smm from the end/ })).toBeInViewport();
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toBeVisible();
  await page.getByTestId('dimension-length').click();
  await page.getByRole('textbox', { name: 'From the end to the shoulder' }).fill('1 in');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('img', { name: /to a shoulder 25.4\smm from the end/ })).toBeInViewport();
});

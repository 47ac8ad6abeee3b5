import { v7 as uuidv7 } from 'uuid';
import { expect, test } from '../fixtures/device';
import { enter } from '../fixtures/shop';

test('stacks and divisions: what cannot be made says what is nearest', async ({ page }) => {
  await page.goto('/grind/angles');
  await page.getByLabel('Angle, degrees').fill('30');
  await expect(page.getByTestId('stack-answer')).toContainText('50 mm exactly');
  await page.getByRole('radio', { name: 'Stack' }).click();
  await page.getByLabel(/^Length/).fill('41.126');
  await expect(page.getByTestId('stack-answer')).toContainText(
    'It cannot be made from this set. The nearest: 41.125 mm and 41.13 mm.',
  );
  await page.getByLabel(/^May be off by/).fill('0.002');
  await expect(page.getByTestId('stack-answer')).toContainText('41.125 mm, 0.001 mm under');
  await page.getByRole('radio', { name: 'Dividing' }).click();
  await page.getByLabel('Divisions').fill('127');
  const says = page.getByTestId('dividing-says');
  await expect(says).toContainText('Index 120: 13 spaces of the 39 circle.');
  await expect(says).toContainText('56 driving, 24 driven');
  await page.getByLabel('Divisions').fill('0');
  await expect(page.getByText('Must be a whole number from 1 to 1000.')).toBeVisible();
});

test('two slopes by a compound plate are not the two angles', async ({ page }) => {
  await page.goto('/grind/angles?of=sine');
  await page.getByRole('radio', { name: 'Compound: slopes in the room' }).click();
  await page.getByLabel('Angle in the front view, degrees').fill('30');
  await page.getByLabel('Angle in the side view, degrees').fill('30');
  // tan b = tan 30 cos 30.
  await expect(page.getByText('Upper plate 26.565°')).toBeVisible();
  await expect(page.getByText('Lower plate 30°')).toBeVisible();
  await page.getByRole('radio', { name: 'Compound: bring a face level' }).click();
  await expect(page.getByText('Lower plate 26.565°')).toBeVisible();
  // Both stacks stand at the same time: no block is in both.
  const stacks = page.getByTestId('stack-pieces');
  await expect(stacks).toHaveCount(2);
  const [lower, upper] = (await stacks.allTextContents()).map((text) => text.split('+').map(Number));
  expect(lower!.filter((piece) => upper!.includes(piece))).toEqual([]);
  expect(lower!.reduce((sum, piece) => sum + piece, 0)).toBeCloseTo(100 * Math.sin(Math.atan(0.5)), 2);
  await page.getByLabel('Angle in the front view, degrees').fill('0');
  await expect(page.getByText('No stack: it stays flat.')).toBeVisible();
});

test('an angle that one stack is too thin for is set by two', async ({ page }) => {
  await page.goto('/grind/angles?of=sine');
  await page.getByLabel('Angle, degrees').fill('0.2');
  await expect(page.getByTestId('stack-answer').first()).toContainText('It cannot be made from this set.');
  const stacks = page.getByTestId('raised-rolls').getByTestId('stack-pieces');
  const [under, over] = (await stacks.allTextContents()).map((text) =>
    text.split('+').reduce((sum, piece) => sum + Number(piece), 0),
  );
  expect(over! - under!).toBeCloseTo(100 * Math.sin((0.2 * Math.PI) / 180), 2);
});

test('feelers of the shop are stacked as leaves; what cannot be read is not used', async ({
  page,
  request,
}) => {
  await enter(request);
  const keep = async (body: object) => {
    const data = { version: 0, archived: false, body: { note: '', ...body } };
    expect((await request.put(`/api/supplies/${uuidv7()}`, { data })).status()).toBe(200);
  };
  await keep({
    kind: 'gauge-set',
    name: 'Feelers of the slip',
    unit: 'mm',
    pieces: '0.05 0.1 0.15 0.2 0.4 0.8',
  });
  await keep({ kind: 'gauge-set', name: 'Worn blocks', unit: 'mm', pieces: '1 1.00007' });
  await keep({
    kind: 'dividing-head',
    name: 'Head without plates',
    ratio: 40,
    circles: '15 1',
    gears: '24 28',
  });
  await page.goto('/grind/angles?of=stack');
  await page.getByRole('button', { name: /the set that is stacked from/ }).click();
  await expect(
    page.getByRole('button', { name: /^Worn blocks, a size in its list cannot be read/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Feelers of the slip, 6 leaves/ }).click();
  await page.getByLabel(/^Length/).fill('0.95');
  await expect(page.getByTestId('stack-answer')).toContainText('0.8 + 0.15');
  await expect(page.getByTestId('stack-answer')).toContainText('2 leaves');
  await expect(page.getByText('No wear pair')).toBeHidden();
  await page.getByRole('radio', { name: 'Dividing' }).click();
  await expect(page.getByTestId('dividing-says')).toBeVisible();
  await page
    .getByRole('button', { name: /^Head without plates, a number in its lists cannot be read/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Head without plates' })).toBeVisible();
});

test('a taper said in any way is set on the slide and on the tailstock', async ({ page }) => {
  await page.goto('/grind/angles?of=taper');
  const says = page.getByTestId('taper-says');
  await expect(says).toContainText('Compound slide 1.432°');
  await expect(says).toContainText(/Tailstock over by 5\smm/);
  await expect(page.getByText(/plain centres bear on a line only/)).toBeVisible();
  await page.getByRole('radio', { name: 'Included angle' }).click();
  await page.getByLabel('Included angle, degrees').fill('1');
  await expect(says).toContainText('Compound slide 0.5°');
  await expect(page.getByText(/plain centres bear on a line only/)).toBeHidden();
});

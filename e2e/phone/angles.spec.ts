import { expect, test } from '../fixtures/device';

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
  await page.getByLabel('Angle in the front view, degrees').fill('0');
  await expect(page.getByText('No stack: it stays flat.')).toBeVisible();
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

import type { Locator, Page } from '@playwright/test';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';

/** Counts the touches that a newcomer needs; typing into a field that is touched counts as that touch. */
const hands = (page: Page) => {
  let touches = 0;
  return {
    count: () => touches,
    touch: async (what: Locator) => {
      touches += 1;
      await what.click();
    },
    type: async (what: Locator, text: string) => {
      touches += 1;
      await what.fill(text);
    },
    radio: (name: string | RegExp) => page.getByRole('radio', { name, exact: typeof name === 'string' }),
    button: (name: string) => page.getByRole('button', { name, exact: true }),
  };
};
const sentence = (page: Page) => page.getByRole('heading', { level: 1 });

test('from the opening page: a 3/8 in end mill slotting brass on the mill, in at most six touches', async ({
  page,
}) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: /inch/i }).first().click();
  await visit(page, '/');
  const { touch, radio, button, count } = hands(page);
  await touch(button('Quick cut'));
  await touch(radio(/^Slot/));
  await touch(radio('Brass'));
  await touch(radio(/^3\/8/));
  await touch(button('Work it out'));
  await expect(sentence(page)).toContainText(/Slot Brass on the Knee mill with the HSS end mill 3\/8\sin/);
  await expect(page.getByRole('button', { name: /^Spindle \d+ rpm/ })).toBeVisible();
  expect(count()).toBeLessThanOrEqual(6);
});

test('a 42 mm mild steel bar by insert on the lathe, and metal and tool kept in the drawer', async ({
  page,
}) => {
  await page.goto('/');
  const { touch, type, radio, button, count } = hands(page);
  await touch(button('Quick cut'));
  await touch(radio('Mild steel'));
  await type(page.getByLabel('Diameter of the work'), '42');
  await touch(radio('Coated insert'));
  await touch(radio(/^0\.8/));
  await touch(button('Work it out'));
  await expect(sentence(page)).toContainText(
    /Turn Mild steel on the .* with the Coated insert turning tool, nose 0.8/,
  );
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀42');
  expect(count()).toBeLessThanOrEqual(6);
  await page.getByRole('button', { name: 'Keep metal and tool in the drawer' }).click();
  await expect(page.getByRole('button', { name: 'Keep metal and tool in the drawer' })).toBeHidden();
  await visit(page, '/drawer?kind=tools');
  await expect(page.getByText(/^Coated insert turning tool, nose 0.8/).first()).toBeVisible();
});

test('a 7 mm drill in stainless on the pillar drill, put in the book with what it names', async ({
  page,
}) => {
  await page.goto('/');
  const { touch, radio, button, count } = hands(page);
  await touch(button('Quick cut'));
  await touch(radio('Drill'));
  await touch(radio('Pillar drill'));
  await touch(radio('Stainless 304, 316'));
  await touch(radio(/^7\s/));
  await touch(button('Work it out'));
  await expect(sentence(page)).toContainText(
    /Drill Stainless 304, 316 on the Pillar drill with the HSS drill 7/,
  );
  expect(count()).toBeLessThanOrEqual(6);
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked', exact: true }).click();
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByRole('heading', { name: 'Drill Stainless 304, 316' })).toBeVisible();
});

test('in the sentence any metal and any tool are two touches, and a typed tool is read', async ({ page }) => {
  await page.goto('/cut');
  await page.getByRole('button', { name: /, Stock, change$/ }).click();
  await page.getByLabel('Any metal').fill('304');
  await page
    .getByRole('button', { name: /^Stainless 304, 316/ })
    .last()
    .click();
  await expect(sentence(page)).toContainText('Stainless 304, 316');
  await page.getByRole('button', { name: /, Tool, change$/ }).click();
  await page.getByLabel(/^Or type it/).fill('cobalt 0.5');
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(sentence(page)).toContainText(/Cobalt turning tool, nose 0.5/);
});

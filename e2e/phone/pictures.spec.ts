import type { Page } from '@playwright/test';
import { bushCut } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { isDrawn } from '../fixtures/drawn';

// The browser keeps no application: one that is stopped on its way does not come.
test.use({ freshDevice: true, pictures: true, serviceWorkers: 'block' });

const main = (page: Page) => page.locator('[role=main]');
const words = async (page: Page): Promise<string[]> =>
  (await main(page).innerText()).split('\n').filter((line) => line.trim() !== '');
const isUntouchable = (page: Page) => main(page).evaluate((part) => (part as HTMLElement).inert);
/** Where each figure and each button stands. */
const places = (page: Page) =>
  main(page).evaluate((part) =>
    [...part.querySelectorAll('[role=button]')].map((one) => {
      const { x, y, width, height } = one.getBoundingClientRect();
      return [one.textContent, ...[x, y, width, height].map(Math.round)].join(' ');
    }),
  );

/** From here on the application does not come: what a page shows, it shows without it. */
const withoutApplication = (page: Page) => page.route('**/_expo/**', (route) => route.abort());
const drawn = async (page: Page, path: string): Promise<void> => {
  await page.goto(path);
  await isDrawn(page);
};
/** Leaves a page and opens an address in its place, where the application never comes. */
async function opensAgain(page: Page, path: string): Promise<Page> {
  const next = await page.context().newPage();
  await page.close();
  await withoutApplication(next);
  await next.goto(path);
  await expect(next.locator('#frame')).toHaveCount(1);
  return next;
}

test.beforeEach(({ page }) =>
  page.on('console', (message) => expect(message.text()).not.toContain('Content Security Policy')),
);

test('a phone that was never here shows the shop’s first page before the application is there', async ({
  page,
  context,
}) => {
  // The server draws its very first page while it begins, which may be too late for one.
  await context.request.get('/');
  await withoutApplication(page);
  await page.goto('/');
  await expect(main(page).getByText('Set up now')).toBeVisible();
  expect(await isUntouchable(page)).toBe(true);
  const [said, stood] = [await words(page), await places(page)];
  expect(said).toContain('Done last');

  const next = await context.newPage();
  await drawn(next, '/');
  // What runs low follows below, later: each line that was said stands, and in the same order.
  const now = await words(next);
  expect(now.filter((line) => said.includes(line))).toEqual(said);
  expect((await places(next)).filter((one) => stood.includes(one))).toEqual(stood);
});

test('in inches, or on a wide screen, it is not shown: it would say something else', async ({ page }) => {
  await withoutApplication(page);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/');
  await page.waitForTimeout(500);
  expect(await words(page)).toEqual(['Bench']);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.evaluate(() =>
    localStorage.setItem('pike-preferences', '{"state":{"units":"inch"},"version":0}'),
  );
  await page.reload();
  await page.waitForTimeout(500);
  expect(await words(page)).toEqual(['Bench']);
});

for (const path of ['/', bushCut]) {
  test(`it is there again as it was left: ${path.split('?')[0]}`, async ({ page }) => {
    await drawn(page, path);
    await page.waitForTimeout(1_500);
    const [said, stood] = [await words(page), await places(page)];
    const again = await opensAgain(page, path);
    expect(await words(again)).toEqual(said);
    expect(await places(again)).toEqual(stood);
    // It cannot be touched, and has no names twice once the application has drawn its own.
    expect(await isUntouchable(again)).toBe(true);
    await again.unroute('**/_expo/**');
    await again.reload();
    await expect(again.locator('#frame')).toHaveCount(0);
    expect(await isUntouchable(again)).toBe(false);
    expect((await places(again)).slice(0, 3)).toEqual(stood.slice(0, 3));
  });
}

test('another cut, another unit or another width has no picture of the one before', async ({ page }) => {
  await drawn(page, bushCut);
  let next = await opensAgain(page, bushCut.replace('workDiameterMm=60', 'workDiameterMm=61'));
  await expect(main(next).getByText('118')).toBeHidden();
  await next.setViewportSize({ width: 400, height: 844 });
  await next.goto(bushCut);
  await expect(main(next).getByText('118')).toBeHidden();
  await next.setViewportSize({ width: 390, height: 844 });
  await next.reload();
  await expect(main(next).getByText('118').first()).toBeVisible();

  await next.unroute('**/_expo/**');
  await drawn(next, '/settings');
  await next.getByRole('radio', { name: 'Inches' }).click();
  next = await opensAgain(next, bushCut);
  await expect(main(next).getByText('118')).toBeHidden();
});

test('what is written is not hidden behind a picture from before', async ({ page }) => {
  await drawn(page, '/');
  await drawn(page, bushCut);
  await page.getByRole('button', { name: 'Cut taken' }).click();
  await page.getByRole('radio', { name: 'Worked' }).click();
  await page.getByRole('button', { name: 'Put in the book' }).click();
  await expect(page.getByRole('button', { name: 'Put in the book' })).toBeHidden();
  const next = await opensAgain(page, '/');
  expect(await words(next)).toEqual(['Bench']);
});

test('a device that was sent away keeps none', async ({ page, shop }) => {
  await drawn(page, '/');
  await drawn(page, '/settings');
  const pictures = () =>
    page.evaluate(() => Object.keys(localStorage).filter((name) => name.startsWith('pike-picture')));
  expect(await pictures()).toEqual(['pike-picture /']);
  await shop.stop();
  await shop.start({ PIKE_OWN_CLUSTER: 'no' });
  await page.context().clearCookies();
  await page.goto('/drawer');
  await expect(page.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  expect(await pictures()).toEqual([]);
  // Nor of the page that asks for the code.
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Let this device in' })).toBeVisible();
  await page.goto('/drawer');
  expect(await pictures()).toEqual([]);
});

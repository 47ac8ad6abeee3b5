import { bushCut, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { visit } from '../fixtures/drawn';
import { typeSize } from '../fixtures/typing';

test('sketch, answer and working stand side by side', async ({ page }) => {
  await page.goto(bushCut);
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toBeVisible();
  await page.getByRole('button', { name: /^Carriage/ }).click();
  await expect(page.getByRole('list', { name: 'Working of the feed' })).toBeInViewport();
  await expect(page.getByTestId('dimension-diameter')).toBeInViewport();
  await expect(page.getByRole('slider', { name: 'Spindle speed' })).toBeInViewport();
});

test('keys: places, first dimension, working, one rung, units, find', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Go on to Cut' })).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('c');
  await expect(page.getByRole('button', { name: /^Spindle/ })).toBeVisible();
  await visit(page, bushCut);
  const spindle = page.getByRole('button', { name: /^Spindle/ });
  await expect(spindle).toContainText('118');
  await page.keyboard.press(']');
  await expect(spindle).toContainText('265');
  await page.keyboard.press('[');
  await page.keyboard.press('[');
  await expect(spindle).toContainText('70');
  await page.keyboard.press('u');
  await expect(page.getByTestId('dimension-diameter')).toContainText('2.362');
  await page.keyboard.press('u');
  await page.getByRole('button', { name: /^Carriage/ }).click();
  await page.keyboard.press('w');
  await expect(page.getByRole('list', { name: 'Working of the speed' })).toBeVisible();
  await page.keyboard.press('e');
  await expect(page.getByRole('textbox', { name: 'Diameter of the work' })).toBeFocused();
  await page.keyboard.type('2 in');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀50.8');
  for (const [key, place] of [
    ['k', 'Book'],
    ['d', 'Drawer'],
    ['b', 'Bench'],
  ] as const) {
    await page.keyboard.press('g');
    await page.keyboard.press(key);
    await expect(page.getByRole('heading', { name: place, exact: true })).toBeVisible();
  }
  await visit(page, '/book');
  await expect(page.getByLabel('Find')).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByLabel('Find')).toBeFocused();
});

test('everything on Cut is reached by Tab, and the focus shows', async ({ page }) => {
  await page.goto(bushCut);
  await expect(page.getByRole('button', { name: 'Cut taken' })).toBeVisible();
  await expect(page.getByText(/Pump bush bronze/).first()).toBeVisible();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀60');
  const seen: string[] = [];
  for (let i = 0; i < 30; i += 1) {
    await page.keyboard.press('Tab');
    const focused = await page.evaluate(() => {
      const one = document.activeElement as HTMLElement;
      return {
        name: one === document.body ? '' : (one.getAttribute('aria-label') ?? one.textContent ?? ''),
        outline: getComputedStyle(one).outlineStyle,
      };
    });
    if (focused.name === '' || seen.includes(focused.name)) break;
    expect(focused.outline, focused.name).toBe('solid');
    seen.push(focused.name);
  }
  const all = seen.join('\n');
  for (const part of [
    /^Bench/m,
    /, Operation, change$/m,
    /, Stock, change$/m,
    /, Machine, change$/m,
    /, Tool, change$/m,
    /, Diameter /m,
    /, Depth /m,
    /^Spindle speed/m,
    /^Spindle .*working/m,
    /^Cut taken/m,
  ])
    expect(all).toMatch(part);
});

test('Back goes where one came from', async ({ page }) => {
  await page.goto('/drawer?kind=machines');
  await page.getByRole('button', { name: /^Bay lathe/ }).click();
  await page.getByRole('button', { name: /^Good for/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'What it is good for' })).toBeVisible();
  await page.goBack();
  // The list, and what was open beside it.
  await expect(page.getByRole('heading', { level: 1, name: 'Drawer' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Bay lathe' })).toBeVisible();
});

test('Back opens the older cut with its own set-up', async ({ page }) => {
  await page.goto(bushCut);
  await expect(page.getByTestId('dimension-diameter')).toContainText('60');
  await page.getByRole('link', { name: 'Book' }).click();
  await page
    .getByRole('button', { name: /^Turn Sheave casting/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Open in Cut' }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('178');
  await expect(page).toHaveURL(/\/cut\?.*workDiameterMm=178/);
  await page.goBack();
  await expect(page.getByRole('button', { name: 'Open in Cut' })).toBeVisible();
  await page.goBack();
  await expect(page.getByTestId('dimension-diameter')).toContainText('60');
  await expect(page).toHaveURL(new RegExp(`machineId=${DEMO.machine.bay}.*workDiameterMm=60`));
  // Over the pages between, as from the list of pages that a long press on Forward or Back shows.
  await page.evaluate(() => window.history.go(2));
  await expect(page.getByTestId('dimension-diameter')).toContainText('178');
  await expect(page).toHaveURL(/\/cut\?.*workDiameterMm=178/);
  await page.evaluate(() => window.history.go(-2));
  await expect(page.getByTestId('dimension-diameter')).toContainText('60');
  await expect(page).toHaveURL(new RegExp(`machineId=${DEMO.machine.bay}.*workDiameterMm=60`));
});

test('a cut of the book opens as it was taken, also when the cut that stands came from it', async ({
  page,
}) => {
  await page.goto(`/book/${DEMO.cut.sheave}`);
  const open = page.getByRole('button', { name: 'Open in Cut' });
  const diameter = page.getByTestId('dimension-diameter');
  await open.click();
  await expect(diameter).toContainText('178');
  await typeSize(page, 'diameter', '170');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/workDiameterMm=170/);
  await visit(page, `/book/${DEMO.cut.sheave}`);
  await open.click();
  await expect(diameter).toContainText('178');
  await expect(page).toHaveURL(/workDiameterMm=178/);
});

test('the drawer stands beside what is open in it; its filters stay in the address', async ({ page }) => {
  await page.goto('/drawer?kind=tools');
  await page.getByRole('radio', { name: 'Milling' }).click();
  await page.getByRole('button', { name: /^HSS slot drill 10/ }).click();
  await expect(page).toHaveURL(/only=milling/);
  await expect(page.getByRole('heading', { name: 'HSS slot drill 10' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^HSS end mill 12/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Drill 8\.5/ })).toBeHidden();
  await page.getByRole('textbox', { name: 'Find' }).fill('slot');
  await expect(page.getByRole('button', { name: /^HSS end mill 12/ })).toBeHidden();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Find' })).toHaveValue('slot');
  await expect(page.getByRole('radio', { name: 'Milling' })).toBeChecked();
  await expect(page.getByRole('heading', { name: 'HSS slot drill 10' })).toBeVisible();
  expect(await page.getByRole('heading', { level: 1 }).count()).toBe(1);
  // What is kept stays open beside the list, and begins anew from there.
  await page.getByRole('button', { name: 'Kept', exact: true }).click();
  await page.getByRole('textbox', { name: 'Where it lives' }).fill('Rack 7');
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByText('HSS slot drill 10 is in the drawer.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Put everything back as it was' })).toBeDisabled();
  await page.getByRole('button', { name: 'Kept', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Where it lives' })).toHaveValue('Rack 7');
});

test('the book stands beside the cut that is open in it', async ({ page }) => {
  await page.goto('/book');
  await page.getByRole('button', { name: /^Turn Sheave casting/ }).click();
  await expect(page.getByRole('heading', { name: 'Turn Sheave casting' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Turn Pump bush bronze/ }).first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Find' }).fill('sheave');
  await expect(page.getByRole('button', { name: /^Turn Pump bush bronze/ })).toHaveCount(0);
  await expect(page).toHaveURL(/q=sheave/);
  await expect(page.getByRole('heading', { name: 'Turn Sheave casting' })).toBeVisible();
});

test('a run stands with its map beside its trials; a comparison with its result beside the readings', async ({
  page,
}) => {
  await page.goto('/book/runs');
  await page.getByRole('button', { name: /^Turn Rail cap aluminium/ }).click();
  const map = page.getByRole('img', { name: /^Trials on feed and depth/ });
  const list = page.getByRole('list', { name: 'Trials' });
  await expect(map).toBeVisible();
  const [left, right] = [(await map.boundingBox())!, (await list.boundingBox())!];
  expect(right.x).toBeGreaterThan(left.x + left.width - 1);
  await list.getByRole('button', { name: /^4 / }).click();
  await expect(page.getByText('Short arcs', { exact: true })).toBeVisible();
  await page.goto('/book/comparisons');
  await page.getByRole('button', { name: /^Coated insert 0.8 or HSS knife tool/ }).click();
  await expect(page.getByTestId('difference')).toHaveText(
    'Coated insert 0.8 takes more power than HSS knife tool.',
  );
  await expect(page.getByRole('button', { name: 'Take the typed reading' })).toBeInViewport();
  await expect(page.getByTestId('difference')).toBeInViewport();
});

import { bushCut, cutAddress, DEMO } from '../fixtures/demo';
import { expect, test } from '../fixtures/device';
import { typeSize } from '../fixtures/typing';

const threadCut = cutAddress(DEMO.machine.long, DEMO.stock.shaft, DEMO.tool.threading, {
  operation: 'thread',
  workDiameterMm: 20,
});

test('the main path by keyboard alone: a size, the working, the cut into the book', async ({ page }) => {
  await page.goto(bushCut);
  const spindle = page.getByRole('button', { name: /^Spindle/ });
  await expect(spindle).toBeVisible();
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 60; i += 1) {
      await page.keyboard.press('Tab');
      const at = await page.evaluate(() => {
        const one = document.activeElement;
        return one?.getAttribute('aria-label') ?? one?.textContent ?? '';
      });
      if (name.test(at)) return;
    }
    throw new Error(`${String(name)} is not reached by Tab`);
  };
  await tabTo(/, Diameter /);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Diameter of the work' })).toBeFocused();
  await page.keyboard.type('40');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀40');
  await expect(page.getByTestId('dimension-diameter')).toBeFocused();
  await tabTo(/^Spindle speed/);
  await page.keyboard.press('Home');
  await expect(spindle).toContainText('42.1');
  await tabTo(/^Cut taken/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'What did you see?' })).toBeFocused();
  await tabTo(/^Worked/);
  await page.keyboard.press('Space');
  await expect(page.getByRole('radio', { name: 'Worked' })).toBeChecked();
  await tabTo(/^Put in the book/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Turn Pump bush bronze' })).toBeVisible();
});

test('Back leads to where one was: as far down, and on what was opened', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/drawer?kind=tools');
  const row = page.getByRole('button', { name: /^Reamer 12/ });
  await row.scrollIntoViewIfNeeded();
  const before = await row.boundingBox();
  await row.click();
  await expect(page.getByRole('heading', { name: 'Reamer 12', level: 1 })).toBeFocused();
  await page.goBack();
  await expect(row).toBeFocused();
  expect((await row.boundingBox())!.y).toBeCloseTo(before!.y, -1);
});

test('Back leads to the cut from page after page, when a size was typed before', async ({ page }) => {
  await page.goto('/cut');
  await typeSize(page, 'stickOut', '80');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/stickOutMm=80/);
  for (const name of ['What will happen', 'Which tool?', 'To size']) {
    await page.getByRole('button', { name }).click();
    await expect(page).not.toHaveURL(/\/cut\?/);
    await page.goBack();
    await expect(page).toHaveURL(/\/cut\?.*stickOutMm=80/);
    await expect(page.getByTestId('dimension-stickOut')).toContainText('80');
  }
});

test('what was set on a page further on stays set when one goes Back', async ({ page }) => {
  await page.goto(bushCut);
  const carriage = page.getByRole('button', { name: /^Carriage/ });
  await expect(carriage).toContainText('0.1');
  await page.getByRole('button', { name: 'What will happen' }).click();
  await page.getByRole('radiogroup', { name: 'Wanted Ra' }).getByRole('radio').first().click();
  const set = page.getByRole('button', { name: /^Set / });
  const feed = /[\d.]+/.exec((await set.textContent())!)![0];
  await set.click();
  await expect(page).toHaveURL(/feedByHand=/);
  await page.goBack();
  await expect(page).toHaveURL(/\/cut\?.*feedByHand=/);
  await expect(carriage).toContainText(feed);
});

test('a changed size is undone; the figures are said once they rest; the link opens the same cut', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto(bushCut);
  await page.getByTestId('dimension-diameter').click();
  await page.getByRole('dialog').getByRole('button', { name: '2', exact: true }).click();
  // A key that is touched leaves the keyboard where it was.
  await page.keyboard.type('0');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀20');
  await expect(page.getByText(/^[\d.]+ rpm, 0.08 millimetres a turn$/)).toHaveAttribute(
    'aria-live',
    'polite',
  );
  await expect(page).toHaveURL(/workDiameterMm=20(&|$)/);
  await page.getByRole('button', { name: /^(Copy link|Share)/ }).click();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  expect(link).toContain('workDiameterMm=20');
  await typeSize(page, 'diameter', '30');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('dimension-diameter')).toContainText('⌀20');
});

for (const [what, address] of [
  ['forecast', bushCut.replace('/cut?', '/cut/forecast?')],
  ['working', `${bushCut.replace('/cut?', '/cut/working?')}&of=speed`],
  ['an entry of the book', `/book/${DEMO.cut.bush}`],
  ['to size', bushCut.replace('/cut?', '/cut/to-size?')],
  ['thread passes', threadCut.replace('/cut?', '/cut/thread?')],
] as const) {
  test(`printed whole, without the screen’s controls: ${what}`, async ({ page }) => {
    await page.goto(address);
    await expect(page.locator('#frame')).toHaveCount(0);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
    await expect(page.getByRole('navigation')).toBeHidden();
    await expect(page.locator('body')).toHaveCSS('background-color', 'rgb(255, 255, 255)');
    const hidden = await page.evaluate(() =>
      [...document.querySelectorAll('#root *')]
        .filter((one) => {
          const { overflowY, display } = getComputedStyle(one);
          return display !== 'none' && overflowY !== 'visible' && one.scrollHeight > one.clientHeight + 2;
        })
        .map((one) => one.textContent?.slice(0, 60)),
    );
    expect(hidden).toEqual([]);
    for (const format of ['A4', 'Letter'])
      expect((await page.pdf({ format, printBackground: false })).length).toBeGreaterThan(10_000);
  });
}
